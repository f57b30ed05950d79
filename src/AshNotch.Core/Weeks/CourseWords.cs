using System.Globalization;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Weeks;

/// <summary>What became of something over the weeks, in a sentence with its counts.</summary>
internal static class CourseWords
{
    private const double Rare = 0.7;
    private const double Often = 1.3;

    public static string Of(Course course, string? learner)
    {
        var name = course.Name;
        var counts = string.Create(
            CultureInfo.InvariantCulture,
            $"{Times(course.Lately.Observed)} in the last four weeks, where {course.Lately.Expected:0.0} were to be expected"
        );
        return course.Turn switch
        {
            Turn.Unknown when course.Before.Expected == 0 => $"{name}: {Times(course.Lately.Observed)} in the last four weeks.",
            Turn.Unknown => $"{name}: too little seen to say; {Times(course.Lately.Observed)} in the last four weeks.",
            Turn.Level => $"{name}: about as before; {counts}.",
            Turn.Learned => $"{name}: {learner ?? "one partner"} has learned it; with the others it is as before. {Capital(counts)}.",
            Turn.Better when Fixed(course) => $"{name}: this was a weakness and is a strength now; {counts}.",
            Turn.Better => $"{name}: getting better; {counts}.",
            _ => $"{name}: getting worse; {counts}.",
        };
    }

    private static bool Fixed(Course course) =>
        course.Subject.By == Who.Partner
            ? course.Before.Mean > 1 && course.Lately.Mean < Rare
            : course.Before.Mean < 1 && course.Lately.Mean > Often;

    private static string Times(double count) =>
        count switch
        {
            0 => "never",
            1 => "once",
            2 => "twice",
            _ => string.Create(CultureInfo.InvariantCulture, $"{count} times"),
        };

    private static string Capital(string words) => char.ToUpperInvariant(words[0]) + words[1..];
}
