package org.zeroply.library.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.zeroply.coach.exercise.MarkedSheet;
import org.zeroply.library.LibraryException;

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
            throw new LibraryException("The marked sheet of this attempt is damaged.", e);
        }
    }
}
