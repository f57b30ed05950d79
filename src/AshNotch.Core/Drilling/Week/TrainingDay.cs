using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Drilling.Week;

/// <summary>A day of the week that is trained on.</summary>
/// <param name="Day">The day.</param>
/// <param name="Attire">What is worn; null where it varies.</param>
/// <param name="Drilling">Minutes there are for drilling with a partner who lets it happen.</param>
/// <param name="Positional">Minutes there are for rounds from an agreed start.</param>
/// <param name="OpenMat">Whether nobody else says what is done.</param>
/// <param name="Time">When it begins, by the clock on the wall; null when not said.</param>
public sealed record TrainingDay(DayOfWeek Day, Attire? Attire, int Drilling, int Positional, bool OpenMat, TimeOnly? Time = null)
{
    /// <summary>Minutes in all.</summary>
    public int Minutes => Drilling + Positional;
}
