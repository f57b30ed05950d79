using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading;

/// <summary>What the reader is not sure of.</summary>
public enum Doubt
{
    /// <summary>Whose action it was.</summary>
    Who,

    /// <summary>Who was on top, or attacking, in a place.</summary>
    Role,

    /// <summary>How it came out.</summary>
    Outcome,

    /// <summary>What was meant by words that sound like a name.</summary>
    Name,
}

/// <summary>A ready answer to a question.</summary>
/// <param name="Say">The answer, in a word or two.</param>
/// <param name="Notch">The notch as it is then; null takes it out.</param>
public sealed record Answer(string Say, Notch? Notch);

/// <summary>A short question about one notch.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it.</param>
/// <param name="About">What is asked for.</param>
/// <param name="Ask">The question.</param>
/// <param name="Answers">Ready answers, the reader's own guess first.</param>
public sealed record Question(int Exchange, int Notch, Doubt About, string Ask, IReadOnlyList<Answer> Answers);

/// <summary>A notch while the telling goes on: what comes next may settle it.</summary>
internal sealed class Draft(Notch notch, Move? move = null)
{
    /// <summary>The move it names, the user's own included; null for a change of place that nobody named.</summary>
    public Move? Move { get; set; } = move;

    /// <summary>The notch as understood so far.</summary>
    public Notch Notch { get; set; } = notch;

    /// <summary>What is in doubt about it.</summary>
    public HashSet<Doubt> Doubts { get; } = [];

    /// <summary>How it came out has not been said; the next words may say it.</summary>
    public bool Open { get; set; }
}
