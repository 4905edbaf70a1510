package org.zeroply.desktop.app;

import atlantafx.base.theme.PrimerLight;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The styles of the toolkit's controls, without those of controls that the window does not use. The
 * toolkit compares whatever is new in the window with every rule there is, so that each rule costs
 * time whenever a desk is turned to for the first time.
 */
final class BaseStyles {

    /** Controls without styles, each with the style classes that are its own. */
    static final List<String> LEFT_OUT =
            List.of(
                    "accordion",
                    "alert",
                    "bb-code",
                    "breadcrumbs",
                    "calendar",
                    "caption-menu-item",
                    "card",
                    "choice-box",
                    "choice-dialog",
                    "color-palette",
                    "color-palette-region",
                    "color-picker",
                    "custom-color-dialog",
                    "custom-text-field",
                    "date-picker",
                    "date-picker-popup",
                    "dialog-pane",
                    "html-editor",
                    "hyperlink",
                    "ikonli-font-icon",
                    "interactive",
                    "menu-bar",
                    "message",
                    "modal-box",
                    "modal-pane",
                    "notification",
                    "pagination",
                    "popover",
                    "radio-button",
                    "ring-progress-indicator",
                    "slider",
                    "split-menu-button",
                    "tab-pane",
                    "text-input-dialog",
                    "tile-base",
                    "titled-pane",
                    "toggle-switch",
                    "tool-bar",
                    "tree-cell",
                    "tree-table-row-cell",
                    "tree-table-view",
                    "tree-view");

    /** Families of style classes that the window does not use, by how they begin. */
    private static final List<String> FAMILIES =
            List.of(
                    "area-",
                    "bar-",
                    "bg-",
                    "border-",
                    "bubble-",
                    "chart",
                    "default-color",
                    "elevated-",
                    "html-editor-",
                    "pie-",
                    "stacked-bar-",
                    "title-");

    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)\\}");
    private static final Pattern OTHERS =
            Pattern.compile(
                    "\\.(?:(?:"
                            + String.join("|", LEFT_OUT)
                            + ")(?![\\w-])|(?:"
                            + String.join("|", FAMILIES)
                            + "))");

    private BaseStyles() {}

    /** Where the toolkit finds them. */
    static String sheet() {
        // Beside the compiled sheet lies the one that it was compiled from.
        String name = new PrimerLight().getUserAgentStylesheet().replaceAll("\\.bss$", ".css");
        return Stylesheet.address(used(Stylesheet.read(PrimerLight.class, name)));
    }

    /** The rules of a stylesheet that say something of a control that is used. */
    static String used(String css) {
        StringBuilder out = new StringBuilder();
        Matcher rule = RULE.matcher(COMMENT.matcher(css).replaceAll(""));
        while (rule.find()) {
            String selectors =
                    Arrays.stream(rule.group(1).split(","))
                            .map(String::strip)
                            .filter(s -> !OTHERS.matcher(s).find())
                            .collect(Collectors.joining(", "));
            if (!selectors.isEmpty()) {
                out.append(selectors).append(" {").append(rule.group(2)).append("}\n");
            }
        }
        return out.toString();
    }
}
