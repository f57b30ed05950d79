namespace AshNotch.Core.Reading;

/// <summary>A short question about one notch.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it.</param>
/// <param name="About">What is asked for.</param>
/// <param name="Ask">The question.</param>
/// <param name="Answers">Ready answers, the reader's own guess first.</param>
public sealed record Question(int Exchange, int Notch, Doubt About, string Ask, IReadOnlyList<Answer> Answers)
{
    /// <summary>What hangs on the answer.</summary>
    public string Hangs =>
        (About, Answers.Any(a => a.Notch is { Outcome: Rolls.Outcome.Tap })) switch
        {
            (Doubt.Who, true) => "A tap for you or against you.",
            (Doubt.Outcome, true) => "Whether there was a tap.",
            (Doubt.Who, _) => "Whether it speaks for you or for them.",
            (Doubt.Outcome, _) => "Whether anything was gained by it.",
            (Doubt.Role, _) => "Who was ahead from there on.",
            (Doubt.Place, _) => "What it is counted against: the place it came from.",
            _ => "Whether it counts at all.",
        };
}
