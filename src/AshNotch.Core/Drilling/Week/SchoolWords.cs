namespace AshNotch.Core.Drilling.Week;

/// <summary>The two sides of where schools differ, in words.</summary>
public static class SchoolWords
{
    /// <summary>The first, which holds until something is chosen, and the second.</summary>
    public static (string First, string Second) Of(School school) =>
        school switch
        {
            School.PointsOrFinish => ("keep the points", "go for the finish"),
            School.PressureOrFlow => ("pressure", "flow"),
            School.StandOrSit => ("stand", "sit"),
            School.HoldOrDrop => ("hold a threat", "drop it"),
            _ => ("tap early to a strangle", "work on in it"),
        };
}
