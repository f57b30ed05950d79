using AshNotch.Core.Merging;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.App.Views;

/// <summary>One thing of a file that is not in the log as it is.</summary>
/// <param name="Key">By what it is taken or left: <c>roll:ID</c>, <c>partner:ID</c>, <c>session:ID</c>, <c>name:NAME</c>.</param>
/// <param name="Name">The partner's nickname, the session's kind, or the name itself.</param>
/// <param name="Day">The day of a roll or session.</param>
/// <param name="Standing">How it stands to what the log holds.</param>
/// <param name="Say">That in words, with what differs.</param>
/// <param name="Open">It may be taken or left.</param>
/// <param name="Taken">It is taken unless somebody says otherwise.</param>
/// <param name="Differs">In what it differs, in words.</param>
/// <param name="Here">The stick of the log's own.</param>
/// <param name="There">The stick of the file's.</param>
public sealed record ImportItem(
    string Key,
    string Name,
    DateOnly? Day,
    Standing Standing,
    string Say,
    bool Open,
    bool Taken,
    IReadOnlyList<string> Differs,
    Stick? Here = null,
    Stick? There = null
)
{
    /// <summary>A roll; sticks are drawn only where there is something to decide.</summary>
    public static ImportItem Of(ComingRoll coming, IReadOnlyDictionary<string, string> names, MatVocabulary? vocabulary)
    {
        Stick? Drawn(Roll? roll) =>
            roll is null || vocabulary is null || !coming.Standing.IsOpen() ? null : Stick.Of(roll.Exchanges, vocabulary);
        return new ImportItem(
            $"roll:{coming.Roll.Id}",
            coming.Roll.Partner is { } id ? names.GetValueOrDefault(id, id) : "someone",
            coming.Day,
            coming.Standing,
            Said(coming.Standing, coming.Differs),
            coming.Standing.IsOpen(),
            coming.Standing.IsTaken(),
            coming.Differs,
            Drawn(coming.Kept),
            Drawn(coming.Roll)
        );
    }

    /// <summary>A partner.</summary>
    public static ImportItem Of(ComingPartner coming) =>
        Of($"partner:{coming.Partner.Id}", coming.Partner.Name, null, coming.Standing, coming.Differs);

    /// <summary>The head of a session.</summary>
    public static ImportItem Of(ComingSession coming) =>
        Of(
            $"session:{coming.Session.Id}",
            coming.Session.Kind is { } kind ? Term.Of(kind) : "session",
            coming.Session.Date,
            coming.Standing,
            coming.Differs
        );

    /// <summary>A name of the user's own.</summary>
    public static ImportItem Of(ComingName coming) => Of($"name:{coming.Name.Name}", coming.Name.Name, null, coming.Standing, []);

    private static ImportItem Of(string key, string name, DateOnly? day, Standing standing, IReadOnlyList<string> differs) =>
        new(key, name, day, standing, Said(standing, differs), standing.IsOpen(), standing.IsTaken(), differs);

    private static string Said(Standing standing, IReadOnlyList<string> differs) =>
        differs.Count == 0 ? standing.Say() : $"{standing.Say()}: {string.Join(", ", differs)}";
}
