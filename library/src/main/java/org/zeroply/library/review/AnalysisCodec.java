package org.zeroply.library.review;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.review.Remembered;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.library.LibraryException;

/**
 * Analyses as compressed bytes. How long they took is not kept. First comes what was found in the
 * end, where the bytes of the first versions of the program end; then the way to it, of which these
 * versions take no notice.
 */
final class AnalysisCodec {

    private static final int VERSION = 1;

    private AnalysisCodec() {}

    static byte[] write(Remembered remembered) {
        Analysis analysis = remembered.analysis();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (DataOutputStream out = new DataOutputStream(new DeflaterOutputStream(bytes))) {
            out.writeByte(VERSION);
            out.writeByte(analysis.depth());
            out.writeLong(analysis.nodes());
            out.writeShort(analysis.lines().size());
            for (Analysis.Candidate c : analysis.lines()) {
                out.writeInt(c.move().packed());
                write(out, c.score());
                out.writeDouble(c.expected().value());
                out.writeByte(c.depth());
                out.writeByte(c.deepest());
                out.writeByte(c.line().size());
                for (Move move : c.line()) {
                    out.writeShort(move.packed());
                }
            }
            out.writeByte(analysis.byDepth().size());
            for (Analysis.DepthBest d : analysis.byDepth()) {
                out.writeByte(d.depth());
                out.writeShort(d.move().packed());
                write(out, d.score());
            }
            if (remembered.way().isPresent()) {
                writeWay(out, remembered.way().get());
            }
        } catch (IOException e) {
            throw new IllegalStateException("memory cannot fail to be written", e);
        }
        return bytes.toByteArray();
    }

    private static void writeWay(DataOutputStream out, List<Analysis> way) throws IOException {
        out.writeByte(way.size());
        for (Analysis step : way) {
            out.writeByte(step.depth());
            out.writeLong(step.nodes());
            out.writeShort(step.lines().size());
            for (Analysis.Candidate c : step.lines()) {
                out.writeShort(c.move().packed());
                write(out, c.score());
                out.writeDouble(c.expected().value());
            }
        }
    }

    private static void write(DataOutputStream out, Score score) throws IOException {
        boolean mate = score instanceof Score.Mate;
        out.writeBoolean(mate);
        out.writeShort(score instanceof Score.Mate m ? m.moves() : score.ordinal());
    }

    static Remembered read(byte[] stored) {
        try (DataInputStream in =
                new DataInputStream(new InflaterInputStream(new ByteArrayInputStream(stored)))) {
            if (in.readByte() != VERSION) {
                throw new LibraryException("An analysis was kept by a newer version.");
            }
            int depth = in.readUnsignedByte();
            long nodes = in.readLong();
            List<Analysis.Candidate> lines = new ArrayList<>();
            for (int n = in.readUnsignedShort(); n > 0; n--) {
                lines.add(candidate(in));
            }
            List<Analysis.DepthBest> byDepth = new ArrayList<>();
            for (int n = in.readUnsignedByte(); n > 0; n--) {
                byDepth.add(new Analysis.DepthBest(in.readUnsignedByte(), move(in), score(in)));
            }
            return new Remembered(new Analysis(lines, byDepth, depth, nodes, 0, 0), way(in));
        } catch (IOException e) {
            throw new LibraryException("An analysis kept in the library is damaged.", e);
        }
    }

    private static Analysis.Candidate candidate(DataInputStream in) throws IOException {
        Move move = new Move(in.readInt());
        Score score = score(in);
        ExpectedScore expected = new ExpectedScore(in.readDouble());
        int depth = in.readUnsignedByte();
        int deepest = in.readUnsignedByte();
        List<Move> line = new ArrayList<>();
        for (int n = in.readUnsignedByte(); n > 0; n--) {
            line.add(move(in));
        }
        return new Analysis.Candidate(move, score, expected, depth, deepest, line);
    }

    private static Optional<List<Analysis>> way(DataInputStream in) throws IOException {
        int steps = in.read();
        if (steps < 0) {
            return Optional.empty();
        }
        List<Analysis> way = new ArrayList<>();
        while (way.size() < steps) {
            way.add(step(in));
        }
        return Optional.of(way);
    }

    private static Analysis step(DataInputStream in) throws IOException {
        int depth = in.readUnsignedByte();
        long nodes = in.readLong();
        List<Analysis.Candidate> lines = new ArrayList<>();
        for (int n = in.readUnsignedShort(); n > 0; n--) {
            Move move = move(in);
            Score score = score(in);
            ExpectedScore expected = new ExpectedScore(in.readDouble());
            lines.add(Analysis.Candidate.ofMove(move, score, expected, depth));
        }
        return new Analysis(lines, List.of(), depth, nodes, 0, 0);
    }

    private static Move move(DataInputStream in) throws IOException {
        return new Move(in.readUnsignedShort());
    }

    private static Score score(DataInputStream in) throws IOException {
        boolean mate = in.readBoolean();
        int value = in.readShort();
        return mate ? new Score.Mate(value) : new Score.Centipawns(value);
    }
}
