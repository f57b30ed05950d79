using System.Globalization;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using static AshNotch.Core.Rolls.CountWords;

namespace AshNotch.Core.Partners;

/// <summary>What to keep in mind, in a sentence with its counts.</summary>
internal static class HeedWords
{
    // So much more or less a roll than the others do is worth a word.
    private const double Clearly = 1.5;

    /// <summary><c>They pass your half guard with the knee cut: 6 times in 9 rolls; with people like them about twice.</c></summary>
    public static string Watch(Way way, Heeding.Case of, MatVocabulary vocabulary)
    {
        var what = WayWords.Of(way, [], vocabulary);
        if (of.Between.Landed == 0)
        {
            var whose = of.HasKin ? $"People like {of.Name} do this" : $"Nobody like {of.Name} is in the log; of all the others";
            return $"{whose}: {Lower(what)}, {Times(of.Alike.Landed)} in {OfRolls(of.Others)}.";
        }
        return $"{what}: {Times(of.Between.Landed)} in {OfRolls(of.Own)}{Beside(of)}.";
    }

    /// <summary><c>Your scissor sweep from your closed guard comes off with them: 5 of 8, with the others 12 of 40.</c></summary>
    public static string Try(Way way, Heeding.Case of, MatVocabulary vocabulary) =>
        $"{WayWords.Of(way, [], vocabulary)} comes off with {of.Name}: {Counts(of)}.";

    /// <summary><c>Your triangle from your closed guard seldom comes off with them: 1 of 9, with the others 12 of 40.</c></summary>
    public static string KeepFrom(Way way, Heeding.Case of, MatVocabulary vocabulary) =>
        $"{WayWords.Of(way, [], vocabulary)} seldom comes off with {of.Name}: {Counts(of)}.";

    private static string Counts(Heeding.Case of) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{of.Between.Landed} of {of.Between.Tried}, with the others {of.Everybody.Landed} of {of.Everybody.Tried}"
        );

    private static string Beside(Heeding.Case of)
    {
        if (of.Others == 0)
            return "";
        var usual = (double)of.Alike.Landed / of.Others * of.Own;
        var here = of.PerRoll(of.Between.Landed, of.Alike.Landed) * of.Own;
        var whom = Whom(of);
        return of.Alike.Landed == 0 ? $"; {whom} never did it"
            : here > Clearly * usual ? string.Create(CultureInfo.InvariantCulture, $"; with {whom} {Few(usual)}")
            // That others do it more is no reason to watch for it.
            : here < usual / Clearly ? ""
            : $", about as with {whom}";
    }

    private static string Whom(Heeding.Case of) => of.HasKin ? "people like them" : "the others";

    private static string Few(double count) => count < 0.5 ? "hardly ever" : $"about {Times((int)Math.Round(count))}";

    private static string Lower(string words) => char.ToLowerInvariant(words[0]) + words[1..];
}
