using AshNotch.Core.Reading;
using AshNotch.Core.Reading.Names;
using AshNotch.Core.Rolls;

namespace AshNotch.App.Views;

/// <summary>Invented rolls to learn from.</summary>
/// <param name="Roll">The telling of one.</param>
/// <param name="Stick">The stick cut from it.</param>
/// <param name="Dictated">The telling of one as a dictation writes it.</param>
public sealed record ExamplesView(string Roll, Stick Stick, string Dictated)
{
    /// <summary>The examples, read.</summary>
    public static ExamplesView Of(Phrasebook book) =>
        new(
            Examples.Roll,
            Stick.Of([.. RollReader.Read(Examples.Roll, book).Exchanges.Select(e => e.Exchange)], book.Vocabulary),
            Examples.Dictated
        );
}
