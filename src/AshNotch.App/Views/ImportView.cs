using AshNotch.Core.Merging;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>What taking a file in would change.</summary>
/// <param name="File">By what the file is known while it is looked at.</param>
/// <param name="Version">The version of the log that was looked at.</param>
/// <param name="Rolls">How many rolls stand how.</param>
/// <param name="Partners">How many partners.</param>
/// <param name="Sessions">How many heads of sessions.</param>
/// <param name="Names">How many names of the user's own.</param>
/// <param name="Focuses">How many focuses and blocks are new.</param>
/// <param name="Items">What is not the same already, one by one: first what somebody may decide.</param>
/// <param name="More">How many more there are.</param>
/// <param name="OwnTerms">Places and moves that the vocabulary does not know; they are kept.</param>
public sealed record ImportView(
    string File,
    long Version,
    StandingCounts Rolls,
    StandingCounts Partners,
    StandingCounts Sessions,
    StandingCounts Names,
    int Focuses,
    IReadOnlyList<ImportItem> Items,
    int More,
    IReadOnlyList<string> OwnTerms
)
{
    /// <summary>The view of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="read">The file.</param>
    /// <param name="file">By what it is known.</param>
    /// <param name="version">The version of the log.</param>
    /// <param name="most">How many items are listed.</param>
    /// <param name="vocabulary">Sticks are drawn with it; null draws none.</param>
    public static ImportView Of(ImportPlan plan, ReadLog read, string file, long version, int most, MatVocabulary? vocabulary)
    {
        var names = plan.Partners.ToDictionary(p => p.Partner.Id, p => p.Partner.Name);
        var items = plan
            .Rolls.Select(r => ImportItem.Of(r, names, vocabulary))
            .Concat(plan.Partners.Select(ImportItem.Of))
            .Concat(plan.Sessions.Select(ImportItem.Of))
            .Concat(plan.Names.Select(ImportItem.Of))
            .Where(i => i.Standing != Standing.Same)
            .OrderByDescending(i => i.Open)
            .ToList();
        return new ImportView(
            file,
            version,
            StandingCounts.Of(plan.Rolls.Select(r => r.Standing)),
            StandingCounts.Of(plan.Partners.Select(p => p.Standing)),
            StandingCounts.Of(plan.Sessions.Select(s => s.Standing)),
            StandingCounts.Of(plan.Names.Select(n => n.Standing)),
            plan.Drills.Focuses.Count + plan.Drills.Blocks.Count,
            [.. items.Take(most)],
            Math.Max(0, items.Count - most),
            read.OwnTerms
        );
    }
}
