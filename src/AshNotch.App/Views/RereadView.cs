using AshNotch.Core.Costs;
using AshNotch.Core.Revising;
using AshNotch.Core.Rolls;
using AshNotch.Formats.Json;

namespace AshNotch.App.Views;

/// <summary>What reading a roll anew would change.</summary>
/// <param name="Roll">The roll as it would be kept.</param>
/// <param name="Steps">Its notches beside those that stand there now.</param>
/// <param name="Rolls">As how many rolls the words would be read on Log.</param>
/// <param name="Stick">Its picture.</param>
public sealed record RereadView(RollDocument Roll, IReadOnlyList<RereadStep> Steps, int Rolls, Stick Stick)
{
    /// <summary>The view of it.</summary>
    public static RereadView Of(Reread reread, PlaceValues values) =>
        new(LogWriter.Document(reread.Roll), reread.Steps, reread.Rolls, TurningPoints.Knotted(reread.Roll.Exchanges, values));
}
