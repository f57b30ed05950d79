namespace AshNotch.Core.Reading;

/// <summary>Names that are everyday words too: whether the words around one make it a name of the trade.</summary>
internal static class EverydayNames
{
    private static readonly HashSet<string> Getting =
    [
        "to",
        "in",
        "into",
        "from",
        "take",
        "took",
        "takes",
        "taking",
        "get",
        "got",
        "gets",
        "getting",
        "have",
        "had",
        "has",
        "hold",
        "held",
        "holding",
        "pass",
        "passed",
        "passes",
        "secure",
        "secured",
        "settle",
        "settled",
        "recover",
        "recovered",
        "under",
        "bottom",
        "top",
        "inside",
        "lost",
        "kept",
        "keep",
    ];
    private static readonly HashSet<string> Owners = ["my", "his", "her", "their"];
    private static readonly HashSet<string> Mine = ["i", "im", "ive", "me", "my", "we"];
    private static readonly HashSet<string> Theirs = ["he", "hes", "him", "she", "shes", "her", "they", "theyre", "them"];
    private static readonly HashSet<string> Things = ["a", "an", "the", "that", "this", "my", "his", "her", "their"];

    /// <summary>Whether a name of these words is one here.</summary>
    /// <param name="words">The words of the retelling.</param>
    /// <param name="first">Index of the name's first word.</param>
    /// <param name="last">Index of its last word.</param>
    /// <param name="startsGuard">Whether a guard's name starts at an index.</param>
    public static bool Means(IReadOnlyList<Word> words, int first, int last, Func<int, bool> startsGuard)
    {
        if (last - first <= 1 && EverydayCompany.Keeps(words, first, last))
            return false;
        var before = At(words, first - 1);
        var after = last + 1 < words.Count && !words[last + 1].AfterPause ? words[last + 1].Text : "";
        var alone = words[first].AfterPause && after.Length == 0;
        var text =
            first == last ? words[first].Text : string.Join(' ', Enumerable.Range(first, last - first + 1).Select(i => words[i].Text));
        switch (text)
        {
            case "pass" or "passed" or "passes" or "passing":
                return after is not "out"
                    && !(after is "the" or "some" && At(words, last + 2) == "time")
                    && before is not ("time" or "minutes" or "seconds" or "minute" or "boarding" or "days" or "weeks")
                    && !(before == "in" && text == "passing");
            case "side":
                return (alone || Getting.Contains(before)) && after is not ("to" or "of" or "by" or "note" or "effect");
            case "half":
                return (
                        alone
                        || Getting.Contains(before)
                        || Owners.Contains(before)
                        || before is "back" or "at" or "the" or "pull" or "pulled" or "pulls" or "pulling"
                    )
                    && after
                        is not (
                            "a"
                            or "an"
                            or "the"
                            or "of"
                            or "way"
                            or "hour"
                            or "minute"
                            or "second"
                            or "seconds"
                            or "my"
                            or "pace"
                            or "speed"
                            or "time"
                            or "round"
                            or "asleep"
                            or "dead"
                            or "inch"
                            or "his"
                            or "hearted"
                        )
                    && before is not "other";
            case "guard" or "guards":
                return before is not ("on" or "off" or "mouth" or "rash" or "shin")
                    && after is not ("player" or "passer" or "dog" or "against");
            case "pull" or "pulled" or "pulls" or "pulling":
                return Pulls(words, last, after, startsGuard);
            case "single" or "singles":
                return (
                        Things.Contains(before)
                        || before is "on" or "to" or "for" or "high" or "low" or "shoots" or "shot" or "shoot" or "hit" or "hits" or "into"
                    )
                    && after
                        is not (
                            "time"
                            or "thing"
                            or "one"
                            or "guy"
                            or "person"
                            or "minute"
                            or "round"
                            or "day"
                            or "grip"
                            or "second"
                            or "handed"
                            or "moment"
                            or "roll"
                            or "point"
                            or "underhook"
                            or "sweep"
                            or "pass"
                        );
            case "double" or "doubles":
                return (
                        Things.Contains(before)
                        || before is "on" or "to" or "for" or "of" or "shoots" or "shot" or "shoot" or "hit" or "hits" or "into" or "blast"
                    )
                    && after
                        is not (
                            "time"
                            or "weight"
                            or "under"
                            or "sleeve"
                            or "collar"
                            or "grip"
                            or "underhook"
                            or "underhooks"
                            or "ankle"
                            or "elbow"
                        );
            case "stack" or "stacked" or "stacks" or "stacking":
                return after is "me" or "him" or "her" or "them" or "pass" or "passed" or "" or "and" or "my" or "his" or "up" or "us"
                    || before is "the" or "a" or "he" or "she" or "i" or "they" or "to";
            case "smash" or "smashed" or "smashes" or "smashing":
                return after is not "half"
                    && (
                        after is "through" or "past" or "my" or "his" or "her" or "it" or "the" or "into" or "to" or "down"
                        || before is "the" or "to" or "a"
                    );
            case "loop"
            or "waiter"
            or "crank"
            or "cradle"
            or "harness"
            or "claw"
            or "sub"
            or "subs"
            or "necktie"
            or "sickle"
            or "tripod"
            or "pendulum"
            or "cartwheel"
            or "twister"
            or "buggy"
            or "ninja"
            or "gable"
            or "smother":
                return Things.Contains(before)
                    || alone
                    || before
                        is "for"
                            or "hit"
                            or "hits"
                            or "with"
                            or "to"
                            or "got"
                            or "of"
                            or "any"
                            or "no"
                            or "finished"
                            or "finish"
                            or "into"
                    || after is "";
            case "spider" or "lasso":
                return alone
                    || Getting.Contains(before)
                    || Things.Contains(before)
                    || before is "of" or "with" or "pulled" or "plays" or "playing"
                    || after is "guard";
            case "recover" or "recovered" or "recovers" or "recovering":
                return after
                        is ""
                            or "guard"
                            or "half"
                            or "to"
                            or "closed"
                            or "full"
                            or "and"
                            or "but"
                            or "my"
                            or "his"
                            or "her"
                            or "into"
                            or "butterfly"
                            or "so"
                            or "then"
                            or "he"
                            or "i"
                            or "she"
                    && At(words, last + 2) is not ("breath" or "composure");
            case "stood":
                return after is "" or "and" or "then" or "so" or "but" or "he" or "i";
            case "reverse":
                return before is "the" or "a" or "to";
            case "the feet":
                return before is "on" or "to" or "from" or "off" or "back";
            case "neutral":
                return Getting.Contains(before) || before is "at" || alone;
            case "standing":
                return after is not ("there" or "around" or "still" or "over" or "next" or "by" or "up" or "in" or "guillotine" or "on");
            case "mount" or "mounted" or "mounting" or "mounts":
                return after is not ("a" or "an" or "any" or "some" or "up")
                    && !(before == "a" && text == "mount" && after is "" or "for" or "and" or "on");
            case "choke" or "choked" or "choking":
                return after is not ("up" or "arm" or "hand" or "side" or "grip") && !(after == "on" && text == "choked");
            case "legs locked" or "leg locked" or "legs lock":
                return after is "me" or "him" or "her" && text == "leg locked";
            case "frame" or "frames" or "framed":
                return before is not ("time" or "picture") && after is not "of";
            case "hook" or "hooks" or "hooked":
                return after is not "up" && !(before == "the" && At(words, first - 2) == "off");
            case "collar":
                return after is not "bone" && before is not ("white" or "blue");
            case "sleeve" or "sleeves":
                return before is not ("long" or "short") && !(before == "my" && At(words, first - 2) == "up");
            case "got out" or "get out" or "gets out" or "getting out":
                return !(after == "of" && At(words, last + 2) is "bed" or "here" or "class" or "work" or "breath" or "bounds" or "town")
                    && !(after == "of" && At(words, last + 2) == "the" && At(words, last + 3) is "way" or "house" or "car" or "shower");
            case "truck" or "the truck":
                return before is not ("a" or "food" or "pickup")
                    && !(before == "the" && At(words, first - 2) is "like" or "by")
                    && !(text == "the truck" && before is "like" or "by");
            case "my back" or "his back" or "her back" or "their back" or "the back":
                return IsTheBack(words, first, before, after);
            case "seated":
                return after is not ("next" or "by" or "at" or "down" or "row");
            case "seat" or "seats":
                return false;
            case "posture":
                return false;
            case "throw" or "throws" or "threw" or "thrown":
                return before is "a" or "the" or "hip" or "my" or "his" || after is "me" or "him" or "her";
            case "trip" or "trips":
                return before is not ("road" or "business");
            case "swept" or "sweep" or "sweeping":
                return !(after == "the" && At(words, last + 2) is "mat" or "mats" or "floor" or "room" or "gym");
            case "escape":
                return after is not "room";
            case "opened it":
                return after is not ("with" or "for") && !(after is "up" && At(words, last + 2) is "for" or "with");
            case "shot" or "shoots" or "shoot" or "shooting":
                return before is "i" or "he" or "she" or "they" or "then" or "and" or "to" or "kept" or "keeps"
                    && after is "" or "in" or "again" or "first" or "and" or "but" or "right" or "immediately" or "i" or "he" or "she"
                    && !(after == "in" && At(words, last + 2) is "my" or "his" or "her" or "the");
            case "me shield":
                return before is "my" or "a" or "the" or "his" or "her";
            case "have guard":
                return before
                    is "a"
                        or "the"
                        or "my"
                        or "his"
                        or "her"
                        or "in"
                        or "to"
                        or "into"
                        or "from"
                        or "got"
                        or "recovered"
                        or "pulled";
            default:
                if (!text.EndsWith(" back", StringComparison.Ordinal))
                    return true;
                // "the back escape", "the back take" and "the back step" are names of their own; "got my back to the mat" lies down.
                return after is not ("escape" or "control" or "take" or "mount" or "step" or "steps" or "door" or "foot" or "heel")
                    && !(
                        after is "to" or "on" or "onto" or "flat"
                        && At(words, last + 2) is "the" or "mat" or "on" or "my"
                        && At(words, last + 3) is "mat" or "mats" or "floor" or "ground" or "the" or "side"
                    );
        }
    }

    private static string At(IReadOnlyList<Word> words, int index) => index >= 0 && index < words.Count ? words[index].Text : "";

    // "He pulled to spider", "pulled me into his guard", and "he pulled" at the end of a breath; not "pulled my arm".
    private static bool Pulls(IReadOnlyList<Word> words, int last, string after, Func<int, bool> startsGuard)
    {
        if (
            after
            is ""
                or "and"
                or "so"
                or "then"
                or "but"
                or "he"
                or "she"
                or "i"
                or "they"
                or "right"
                or "immediately"
                or "straight"
                or "again"
        )
            return after is not ("right" or "straight") || Reaches(words, last + 2, startsGuard);
        if (startsGuard(last + 1))
            return true;
        if (after is "to" or "into")
            return Reaches(words, last + 1, startsGuard);
        return after is "me" or "him" or "her" or "them"
            && At(words, last + 2) is "into" or "in" or "to"
            && Reaches(words, last + 2, startsGuard);
    }

    private static bool Reaches(IReadOnlyList<Word> words, int from, Func<int, bool> startsGuard)
    {
        for (var i = from; i < Math.Min(words.Count, from + 5); i++)
        {
            if (startsGuard(i))
                return true;
            if (words[i].AfterStop)
                return false;
        }
        return false;
    }

    private static bool IsTheBack(IReadOnlyList<Word> words, int first, string before, string after)
    {
        if (
            after
            is "control"
                or "mount"
                or "take"
                or "escape"
                or "of"
                or "hurts"
                or "hurt"
                or "is"
                or "was"
                or "feels"
                or "door"
                or "foot"
                or "leg"
                or "heel"
                or "corner"
                or "row"
                or "room"
                or "pain"
                or "injury"
                or "side"
                or "hand"
                or "step"
        )
            return false;
        var owner = words[first].Text;
        if (before is not ("on" or "onto" or "flat" or "to"))
            return before is not ("in" or "at" or "behind") || owner == "the" && before == "in";
        if (owner == "the")
            return before is not "in";
        // On one's own back one plays guard; on the other's back one has it.
        for (var i = first - 2; i >= 0 && i > first - 8; i--)
        {
            var text = words[i].Text;
            if (Mine.Contains(text))
                return owner is not "my" || (before == "to" && text is not "i");
            if (Theirs.Contains(text))
                return owner is "my" || (before is "to" && text is not ("he" or "she" or "they"));
        }
        return true;
    }
}
