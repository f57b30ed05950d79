using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>A page of the partners, those met last first.</summary>
/// <param name="Rows">The page.</param>
/// <param name="Found">How many fit the filters.</param>
/// <param name="InAll">How many there are.</param>
public sealed record PartnerRows(IReadOnlyList<PartnerRows.PartnerRow> Rows, int Found, int InAll)
{
    /// <summary>One partner.</summary>
    /// <param name="Partner">The partner.</param>
    /// <param name="Rolls">How many rolls we had.</param>
    /// <param name="Last">The last day.</param>
    /// <param name="MyTaps">How often I made them tap.</param>
    /// <param name="TheirTaps">How often they made me tap.</param>
    /// <param name="Newest">The newest rolls, by id.</param>
    /// <param name="Learned">Something was learned between us, in a word; null where nothing was.</param>
    public sealed record PartnerRow(
        PartnerDocument Partner,
        int Rolls,
        DateOnly? Last,
        int MyTaps,
        int TheirTaps,
        IReadOnlyList<string> Newest,
        string? Learned
    );
}
