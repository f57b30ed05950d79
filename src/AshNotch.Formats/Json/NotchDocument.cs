using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Formats.Json;

/// <summary>A notch as written; <c>by</c> and <c>outcome</c> are required.</summary>
public sealed record NotchDocument
{
    /// <summary><c>me</c> or <c>partner</c>.</summary>
    [TermOf(typeof(Who))]
    public string? By { get; set; }

    /// <summary>The move.</summary>
    public string? Move { get; set; }

    /// <summary>The place before.</summary>
    public string? From { get; set; }

    /// <summary>The place after.</summary>
    public string? To { get; set; }

    /// <summary>How it came out.</summary>
    [TermOf(typeof(Outcome))]
    public string? Outcome { get; set; }

    /// <summary>On which side.</summary>
    [TermOf(typeof(BodySide))]
    public string? Side { get; set; }

    /// <summary>Time since the start, <c>m:ss</c>.</summary>
    public string? At { get; set; }

    /// <summary>Time left, <c>m:ss</c>.</summary>
    public string? Remaining { get; set; }

    /// <summary>Whether the place it reached was held as the rules ask.</summary>
    public bool? Held { get; set; }

    /// <summary>How long it was held, in seconds.</summary>
    public double? HeldSeconds { get; set; }

    /// <summary>Who let it happen.</summary>
    [TermOf(typeof(Who))]
    public string? Given { get; set; }

    /// <summary>Why it happened.</summary>
    public List<string>? Causes { get; set; }

    /// <summary>True when unsure.</summary>
    public bool? Unsure { get; set; }

    /// <summary>Names of inferred fields.</summary>
    public List<string>? Inferred { get; set; }

    /// <summary>A remark.</summary>
    public string? Note { get; set; }

    /// <summary>Advice on it.</summary>
    public List<AdviceDocument>? Advice { get; set; }

    /// <summary>Lines of the score that were overruled.</summary>
    public List<RulingDocument>? Rulings { get; set; }

    /// <summary>First and one past the last character of the words it came from.</summary>
    public List<int>? Span { get; set; }
}
