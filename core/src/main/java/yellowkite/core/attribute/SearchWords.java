package yellowkite.core.attribute;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** The phrases by which an attribute is found, each as its words. */
record SearchWords(StandardAttribute attribute, List<List<String>> phrases) {
    private static final int WHOLE = 1000;
    private static final int EXACT = 30;
    private static final int BEGINNING = 18;
    private static final int MISTYPED = 9;
    private static final LevenshteinDistance ONE_OFF = new LevenshteinDistance(1);

    static SearchWords of(StandardAttribute attribute) {
        var phrases = new ArrayList<List<String>>();
        attribute.words().forEach(each -> phrases.add(Query.words(each)));
        phrases.add(Query.words(attribute.pretty().replace("(n)", "").replace("(m)", "")));
        phrases.add(Query.words(attribute.pattern().replace("(n)", "").replace("(m)", "")));
        return new SearchWords(attribute, List.copyOf(phrases));
    }

    /** {@return how well the query fits; 0 = not at all} One phrase that holds all its words beats words found here and there. */
    int score(Query query) {
        if (query.words().isEmpty()) {
            return 1;
        }
        int best = 0;
        for (var phrase : phrases) {
            int fit = fit(query.words(), phrase);
            if (fit > 0) {
                best = Math.max(best, phrase.equals(query.words()) ? WHOLE : fit * 4 - Math.max(0, phrase.size() - query.words().size()));
            }
        }
        return best > 0 ? best : fit(query.words(), phrases.stream().flatMap(List::stream).toList());
    }

    /** {@return the mean fit of the words; 0 if one of them fits nothing} */
    private static int fit(List<String> words, List<String> phrase) {
        int sum = 0;
        for (var word : words) {
            int best = 0;
            for (var candidate : phrase) {
                best = Math.max(best, fit(word, candidate));
            }
            if (best == 0) {
                return 0;
            }
            sum += best;
        }
        return sum / words.size();
    }

    private static int fit(String word, String candidate) {
        if (word.equals(candidate)) {
            return EXACT;
        }
        if (candidate.startsWith(word)) {
            return BEGINNING;
        }
        // of four letters one in four would be wrong: the first has to be right, or "dard" is "hard", and that a focus
        boolean like = word.length() > 4 || word.length() == 4 && word.charAt(0) == candidate.charAt(0);
        return like && Math.abs(word.length() - candidate.length()) <= 1 && ONE_OFF.apply(word, candidate) >= 0 ? MISTYPED : 0;
    }
}
