namespace AshNotch.App.Views;

/// <summary>Who is likely at the next class, and what to keep in mind.</summary>
/// <param name="Day">The day; null where nobody can tell.</param>
/// <param name="People">Those likely there, the likeliest first.</param>
public sealed record BeforeClassView(DateOnly? Day, IReadOnlyList<BeforeClassView.Person> People)
{
    /// <summary>Somebody.</summary>
    /// <param name="Id">Their id.</param>
    /// <param name="Name">Their name.</param>
    /// <param name="Likely">How likely they are there, in words.</param>
    /// <param name="Heeds">One or two things to keep in mind; empty where there is nothing to say.</param>
    /// <param name="Owed">What I promised to tell or show them, and have not yet.</param>
    public sealed record Person(string Id, string Name, string Likely, IReadOnlyList<HeedView> Heeds, IReadOnlyList<string> Owed);
}
