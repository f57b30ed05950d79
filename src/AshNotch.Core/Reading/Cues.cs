using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>Words that say who, how it came out, and how a place is spoken of. Stems, as <see cref="Word.StemOf"/> makes them.</summary>
internal static class Cues
{
    public static readonly HashSet<string> Near = Stems("almost", "nearly", "tight", "close", "locked");
    public static readonly HashSet<string> Stop = Stems("stop", "defend", "block", "stuff", "counter", "deny", "deni", "shut", "post", "fail", "bas", "postur", "miss", "stuf", "fend", "sprawl");
    public static readonly HashSet<string> Threat = Stems("threat", "threaten", "fak", "fake", "bait", "faint", "feint");
    public static readonly HashSet<string> Abandon = Stems("abandon", "bail");
    public static readonly HashSet<string> Finish = Stems("finish", "submit");
    public static readonly HashSet<string> Reset = Stems("reset", "restart", "restarted");
    public static readonly HashSet<string> Time = Stems("time", "bell", "buzzer", "timer", "clock");

    public static readonly HashSet<string> Change = Stems("get", "take", "mov", "go", "end", "land", "com", "step", "slid", "switch", "advanc", "transition", "recov", "pull", "turn", "roll", "fall", "drop", "spin", "climb", "settl", "secur", "reach", "cam", "back", "pass", "jump", "sit", "circl", "enter", "wind", "wound", "sneak", "snuck", "put", "mak", "made", "giv", "expos", "hold", "work", "slip", "shrug", "run", "sat", "hop", "sink", "sunk", "push", "drive", "drov", "shift", "bring", "wrap", "lock", "open", "turtl", "dump");
    public static readonly HashSet<string> Held = Stems("stick", "under", "catch", "trap", "pin", "surviv", "stuck", "underneath", "defend", "escap", "squish", "squash", "suffer", "buri", "flat");
    public static readonly HashSet<string> Takes = Stems("get", "take", "have", "hold", "secur", "reach", "establish", "keep", "go", "step", "mov", "climb", "switch", "advanc", "transition", "settl", "pass", "land", "end", "enter", "jump", "work");

    /// <summary>Words a telling is made of that carry no event by themselves; not shown as unread.</summary>
    public static readonly HashSet<string> Plain =
    [
        "a", "an", "the", "one", "and", "then", "but", "so", "or", "of", "on", "in", "to", "into", "onto", "from", "at", "with", "for", "by", "as", "it", "that", "this", "there",
        "be", "have", "do", "get", "go", "take", "up", "down", "out", "off", "over", "back", "my", "mine", "his", "her", "hers", "their", "theirs", "our", "us", "we", "me", "i",
        "start", "end", "began", "begin", "first", "next", "after", "befor", "again", "just", "right", "left", "near", "far", "sid", "top", "bottom", "under", "until", "when", "whil", "where", "which",
        "some", "hit", "land", "catch", "us", "mak", "let", "giv", "com", "mov", "still", "straight", "sinc", "because", "caus", "becaus", "finally", "eventually", "way", "wher", "now", "roll", "round", "minut", "second", "not", "no", "too", "also", "very", "all", "got", "had", "was", "is", "him", "them",
    ];

    /// <summary>How causes are said, beside the causes offered.</summary>
    public static readonly IReadOnlyList<(string Said, string Cause)> Causes =
    [
        ("lost my grip", "grip lost"), ("lost the grip", "grip lost"), ("lost grip", "grip lost"), ("grip broke", "grip lost"), ("no grip", "grip lost"),
        ("broke my posture", "posture broken"), ("posture broke", "posture broken"), ("posture was broken", "posture broken"),
        ("elbow was out", "elbow away from the body"), ("elbow flared", "elbow away from the body"), ("elbow away", "elbow away from the body"),
        ("i reached", "reached"), ("reaching", "reached"), ("wrong side", "weight on the wrong side"), ("too far", "too far away"), ("too close", "too close, no frames"), ("no frames", "too close, no frames"),
        ("was late", "late"), ("too late", "late"), ("too slow", "late"), ("telegraphed", "telegraphed"), ("let go too late", "let go too late"), ("rushed", "rushed"), ("rushing", "rushed"),
        ("no plan", "no plan from here"), ("did not know", "did not know the move"), ("didnt know", "did not know the move"), ("too strong", "strength or size"), ("too big", "strength or size"), ("heavier", "strength or size"),
        ("tired", "tired"), ("gassed", "tired"), ("exhausted", "tired"), ("hit the wall", Limits.Surroundings), ("ran into", Limits.Surroundings), ("out of time", Limits.Clock),
    ];

    // A cue is met in any form: the words as they are and what their forms share.
    private static HashSet<string> Stems(params string[] words) => [.. words, .. words.Select(Word.StemOf)];
}
