package org.zeroply.workshop.delivery;

/** The systems that packages are made on, each for itself. */
enum Platform {
    /** The program has a name there that can be typed. */
    LINUX("zeroply", "", "deb", "png", "lib"),
    MAC("Zero Ply", ".app", "dmg", "icns", "lib"),
    WINDOWS("Zero Ply", "", "msi", "ico", "bin");

    private final String program;
    private final String imageEnding;
    private final String installer;
    private final String icon;
    private final String natives;

    Platform(String program, String imageEnding, String installer, String icon, String natives) {
        this.program = program;
        this.imageEnding = imageEnding;
        this.installer = installer;
        this.icon = icon;
        this.natives = natives;
    }

    /** The system this is. */
    static Platform here() {
        return of(System.getProperty("os.name"));
    }

    /** The system that Java calls so; what is neither Windows nor macOS is taken for Linux. */
    static Platform of(String name) {
        if (name.startsWith("Windows")) {
            return WINDOWS;
        }
        return name.startsWith("Mac") ? MAC : LINUX;
    }

    /** What the program is called. */
    String program() {
        return program;
    }

    /** What the folder of an image is called. */
    String image() {
        return program + imageEnding;
    }

    /** The kind of installer, which its file ends in. */
    String installer() {
        return installer;
    }

    /** What files of icons end in. */
    String icon() {
        return icon;
    }

    /** The folder of a runtime that native code lies in. */
    String natives() {
        return natives;
    }

    /** A program's file in the {@code bin} of a runtime. */
    String executable(String name) {
        return this == WINDOWS ? name + ".exe" : name;
    }
}
