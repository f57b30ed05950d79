using AshNotch.Core.Rolls;

namespace AshNotch.Core.Reading;

/// <summary>Words that say who, how it came out, and how a place is spoken of. Stems, as <see cref="Word.StemOf"/> makes them.</summary>
internal static class Cues
{
    public static readonly HashSet<string> Me = ["i", "im", "ive", "id", "ill", "me", "we"];
    public static readonly HashSet<string> Them = ["he", "hes", "hed", "she", "shes", "shed", "they", "theyre", "theyd", "him", "her", "them", "partner", "opponent", "guy", "girl", "dude", "lady", "man"];
    public static readonly HashSet<string> Mine = ["my", "mine"];
    public static readonly HashSet<string> Theirs = ["his", "her", "hers", "their", "theirs"];
    public static readonly HashSet<string> Objects = ["me", "him", "her", "them", "us"];

    public static readonly HashSet<string> Near = ["almost", "nearly", "barely", "tight"];
    public static readonly HashSet<string> Try = ["try", "tri", "attempt", "shoot", "fail", "couldnt", "cant", "didnt", "wasnt", "look", "hunt", "fish"];
    public static readonly HashSet<string> Stop = ["stop", "defend", "block", "stuff", "counter", "deny", "shut", "post", "nothing", "fail", "work"];
    public static readonly HashSet<string> Threat = ["threat", "threaten", "fak", "fake", "bait", "faint", "feint"];
    public static readonly HashSet<string> Abandon = ["abandon", "bail"];
    public static readonly HashSet<string> Finish = ["finish", "submit"];
    public static readonly HashSet<string> Reset = ["reset", "restart", "restarted"];
    public static readonly HashSet<string> Time = ["time", "bell", "buzzer", "timer", "clock"];
    public static readonly HashSet<string> Hypothetical = ["shouldve", "couldve", "wouldve", "should", "could", "would"];

    public static readonly HashSet<string> Change = ["get", "take", "mov", "go", "end", "land", "com", "step", "slid", "switch", "advanc", "transition", "recov", "pull", "turn", "roll", "fall", "drop", "spin", "climb", "settl", "secur", "reach", "cam", "back", "pass", "jump", "sit", "circl"];
    public static readonly HashSet<string> Held = ["stick", "under", "catch", "trap", "pin", "surviv"];
    public static readonly HashSet<string> Takes = ["get", "take", "have", "hold", "secur", "reach", "establish", "keep", "go", "step", "mov", "climb", "switch", "advanc", "transition", "settl"];

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
}
