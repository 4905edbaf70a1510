package org.zeroply.library.student;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.library.LibraryException;
import org.zeroply.library.texts.LibraryWords;

/** Marked sheets as JSON, the form in which attempts keep them. */
public final class MarkedSheets {

    private static final ObjectMapper JSON =
            new ObjectMapper().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);

    private MarkedSheets() {}

    /** The sheet as JSON. */
    public static String write(MarkedSheet sheet) {
        try {
            return JSON.writeValueAsString(sheet);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a marked sheet cannot be written", e);
        }
    }

    /**
     * Reads a sheet.
     *
     * @throws LibraryException if the text is not one
     */
    public static MarkedSheet read(String text) {
        try {
            return JSON.readValue(text, MarkedSheet.class);
        } catch (JsonProcessingException e) {
            throw new LibraryException(LibraryWords.of("student.the-marked-sheet-of-this"), e);
        }
    }

    /** Rulings as JSON. */
    static String writeRulings(List<Ruling> rulings) {
        try {
            return JSON.writeValueAsString(rulings);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("rulings cannot be written", e);
        }
    }

    /**
     * Reads rulings.
     *
     * @throws LibraryException if the text holds none
     */
    static List<Ruling> readRulings(String text) {
        try {
            return List.of(JSON.readValue(text, Ruling[].class));
        } catch (JsonProcessingException e) {
            throw new LibraryException(LibraryWords.of("student.the-rulings-on-this-attempt"), e);
        }
    }
}
