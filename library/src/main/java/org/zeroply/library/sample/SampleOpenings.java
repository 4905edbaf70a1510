package org.zeroply.library.sample;

import java.util.List;

/** Beginnings of the sample games, in general use. */
final class SampleOpenings {

    static final List<String> LINES =
            List.of(
                    "e4 e5 Nf3 Nc6 Bb5 a6 Ba4 Nf6 O-O Be7",
                    "e4 e5 Nf3 Nc6 d4 exd4 Nxd4 Nf6",
                    "e4 e5 Nf3 Nf6 Nxe5 d6 Nf3 Nxe4",
                    "e4 c5 Nf3 d6 d4 cxd4 Nxd4 Nf6 Nc3 a6",
                    "e4 c5 Nf3 Nc6 d4 cxd4 Nxd4 g6",
                    "e4 e6 d4 d5 Nc3 Nf6 Bg5 Be7",
                    "e4 e6 d4 d5 Nd2 c5",
                    "e4 c6 d4 d5 exd5 cxd5 c4 Nf6",
                    "e4 c6 d4 d5 e5 Bf5",
                    "d4 d5 c4 e6 Nc3 Nf6 cxd5 exd5 Bg5",
                    "d4 d5 c4 c6 Nf3 Nf6 Nc3 dxc4",
                    "d4 Nf6 c4 e6 Nc3 Bb4 e3 O-O",
                    "d4 Nf6 c4 e6 g3 d5 Bg2 Be7",
                    "d4 Nf6 c4 e6 Nf3 b6 g3 Ba6",
                    "c4 e5 Nc3 Nf6 g3 d5",
                    "Nf3 d5 g3 Nf6 Bg2 c6 O-O Bg4");

    private SampleOpenings() {}
}
