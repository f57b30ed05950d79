namespace AshNotch.Core.Reading;

/// <summary>A short question about one notch.</summary>
/// <param name="Exchange">Index of the exchange.</param>
/// <param name="Notch">Index of the notch in it.</param>
/// <param name="About">What is asked for.</param>
/// <param name="Ask">The question.</param>
/// <param name="Answers">Ready answers, the reader's own guess first.</param>
public sealed record Question(int Exchange, int Notch, Doubt About, string Ask, IReadOnlyList<Answer> Answers);
