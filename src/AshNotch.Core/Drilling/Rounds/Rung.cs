using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Rounds;

/// <summary>The rungs of a ladder, from the easiest to what it is for.</summary>
public enum Rung
{
    /// <summary>Cooperative repetitions with cues.</summary>
    Repetitions,

    /// <summary>From the place at half pace, restarted when it is lost, then swapped.</summary>
    [Said("from the place")]
    FromThePlace,

    /// <summary>From where the place is usually reached.</summary>
    [Said("one step earlier")]
    OneStepEarlier,

    /// <summary>Live rolls with a mission.</summary>
    Live,
}
