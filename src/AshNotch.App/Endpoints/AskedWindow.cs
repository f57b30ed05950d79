using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;
using AshNotch.Formats.Json;

namespace AshNotch.App.Endpoints;

/// <summary>The part of a log that a query asks for.</summary>
internal static class AskedWindow
{
    /// <summary>The window; what cannot be read of it is a fault.</summary>
    /// <param name="check">Gathers the faults.</param>
    /// <param name="attire">In what; empty for either.</param>
    /// <param name="first">The first day; empty for none.</param>
    /// <param name="last">The last day; empty for none.</param>
    /// <param name="partner">With whom, by id; empty for anyone.</param>
    public static LogWindow Window(this Checker check, string? attire, string? first, string? last, string? partner = null) =>
        new(
            check.Term<Attire>(attire, "attire"),
            check.Day(first, "", "first"),
            check.Day(last, "", "last"),
            string.IsNullOrEmpty(partner) ? null : partner
        );
}
