using AshNotch.Core.Partners;

namespace AshNotch.Formats.Json;

/// <summary>Fears in the open form, out and in.</summary>
public static class FearForm
{
    /// <summary>The document of a fear.</summary>
    public static FearDocument Document(Fear fear) =>
        new()
        {
            Id = fear.Id,
            Text = fear.Text,
            Partner = fear.Partner,
            Move = fear.Move?.Value,
            Place = fear.Place?.Value,
            Mine = fear.Mine?.Value,
        };

    /// <summary>Reads a fear; what is wrong with it is a fault.</summary>
    public static Fear Read(FearDocument written, Checker check, string where)
    {
        var at = where.Length == 0 ? "" : where + ".";
        var id = RollReading.Required(written.Id, check, $"{at}id");
        var text = check.Text(written.Text, at, "text");
        if (string.IsNullOrWhiteSpace(text))
            check.Fault($"{at}text", "is missing; write in a few words what it is.");
        return new Fear(
            id ?? "",
            text?.Trim() ?? "",
            string.IsNullOrEmpty(written.Partner) ? null : written.Partner,
            check.Move(written.Move, at, "move"),
            check.Place(written.Place, at, "place"),
            check.Move(written.Mine, at, "mine")
        );
    }
}
