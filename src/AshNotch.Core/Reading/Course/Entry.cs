using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Reading.Course;

/// <summary>The move that is named for the place it leads to: "tried mount" was an attempt to take the mount.</summary>
internal static class Entry
{
    private const string Guard = "-guard";

    /// <summary>The move; null when none is named so, or it would lead the other one there.</summary>
    public static Move? To(Place place, Who by, MatVocabulary vocabulary)
    {
        var name = place.Position.Id is var id && id.EndsWith(Guard, StringComparison.Ordinal) ? id[..^Guard.Length] : id;
        var move = name == "back-control" ? Named("back-take") : Named("take-" + name) ?? Named("enter-" + name);
        return move?.To?.SeenBy(by) == place ? move : null;

        Move? Named(string of) => vocabulary.Move(new MoveId(of));
    }
}
