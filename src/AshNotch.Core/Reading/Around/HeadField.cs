namespace AshNotch.Core.Reading.Around;

/// <summary>What of a roll's head a telling may say.</summary>
public enum HeadField
{
    /// <summary>The partner's belt.</summary>
    PartnerBelt,

    /// <summary>Stripes on it.</summary>
    PartnerStripes,

    /// <summary>The partner's weight.</summary>
    PartnerWeight,

    /// <summary>The partner's size beside mine.</summary>
    PartnerSize,

    /// <summary>How hard it was.</summary>
    Intensity,

    /// <summary>How hard the partner went.</summary>
    PartnerIntensity,

    /// <summary>What kind of roll.</summary>
    Kind,

    /// <summary>How long it lasted.</summary>
    Minutes,

    /// <summary>The result by points.</summary>
    Result,

    /// <summary>The two had not rolled before.</summary>
    FirstMeeting,

    /// <summary>What decided it, as told.</summary>
    Decision,
}
