using System.Text.Json.Serialization;

namespace AshNotch.Formats.Json;

/// <summary>A takeaway: a plain string when it is tied to no notch.</summary>
[JsonConverter(typeof(TakeawayConverter))]
public sealed record TakeawayDocument
{
    /// <summary>The takeaway.</summary>
    public string? Text { get; set; }

    /// <summary>Index of the exchange it is tied to, from 0.</summary>
    public int? Exchange { get; set; }

    /// <summary>Index of the notch in it, from 0.</summary>
    public int? Notch { get; set; }
}
