package org.zeroply.library.transfer;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Days as tables have them: the year first ({@code 2026-12-04}) or last ({@code 4.12.2026}). */
final class PairingDate {

    private static final Pattern YEAR_FIRST =
            Pattern.compile("(\\d{4})[-./](\\d{1,2})[-./](\\d{1,2})");
    private static final Pattern YEAR_LAST =
            Pattern.compile("(\\d{1,2})[-./](\\d{1,2})[-./](\\d{4})");

    private PairingDate() {}

    /** The first day that a text names, as PGN writes it. */
    static Optional<String> in(String text) {
        Matcher first = YEAR_FIRST.matcher(text);
        if (first.find()) {
            return written(first.group(1), first.group(2), first.group(3));
        }
        Matcher last = YEAR_LAST.matcher(text);
        return last.find()
                ? written(last.group(3), last.group(2), last.group(1))
                : Optional.empty();
    }

    private static Optional<String> written(String year, String month, String day) {
        try {
            LocalDate date =
                    LocalDate.of(
                            Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day));
            return Optional.of(
                    String.format(
                            Locale.ROOT,
                            "%04d.%02d.%02d",
                            date.getYear(),
                            date.getMonthValue(),
                            date.getDayOfMonth()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
