package org.zeroply.library.report;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;

/**
 * A page with gaps, written as a Mustache template beside this class. What is filled in is text and
 * has the signs of the markup written out, unless the gap has three braces.
 */
final class PageTemplate {

    private final Template template;

    private PageTemplate(Template template) {
        this.template = template;
    }

    /** The template of a file that comes with the program. */
    static PageTemplate of(String file) {
        return new PageTemplate(Mustache.compiler().compile(text(file)));
    }

    /**
     * The page.
     *
     * @throws com.samskivert.mustache.MustacheException if there is a gap without a value
     */
    String filled(Map<String, ?> values) {
        return template.execute(values);
    }

    /** The letters that pages are set in, as rules of their style. */
    static String faces() {
        return face("Cabin-Regular.ttf", "normal") + face("Cabin-Bold.ttf", "bold");
    }

    private static String face(String file, String weight) {
        return "@font-face{font-family:Cabin;font-weight:"
                + weight
                + ";src:url(data:font/ttf;base64,"
                + Base64.getEncoder().encodeToString(bytes(file))
                + ")}\n";
    }

    /** A text that comes with the program. */
    static String text(String file) {
        return new String(bytes(file), StandardCharsets.UTF_8);
    }

    /** A file that comes with the program. */
    static byte[] bytes(String file) {
        try (InputStream in = PageTemplate.class.getResourceAsStream(file)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
