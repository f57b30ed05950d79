namespace AshNotch.App.Views;

/// <summary>A question about a doubtful notch.</summary>
/// <param name="Ask">The question.</param>
/// <param name="Hangs">What hangs on the answer.</param>
/// <param name="Words">The words the notch was read from.</param>
/// <param name="Occurrence">Which notch read from these same words, from 0.</param>
/// <param name="Answers">Ready answers, the reader's guess first.</param>
public sealed record QuestionView(string Ask, string Hangs, string Words, int Occurrence, IReadOnlyList<AnswerView> Answers);
