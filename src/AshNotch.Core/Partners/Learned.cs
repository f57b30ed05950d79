using AshNotch.Core.Repertoire;
using AshNotch.Core.Rolls;
using AshNotch.Core.Vocabulary;

namespace AshNotch.Core.Partners;

/// <summary>A move that comes off less and less between two people while it holds elsewhere.</summary>
/// <param name="By">Who has learned: the partner, of mine; or I, of theirs.</param>
/// <param name="Way">The move and where it starts.</param>
/// <param name="Partner">The partner's id.</param>
/// <param name="Chance">The chance that it is so, from 0 to 1.</param>
/// <param name="Before">How often it came off between us before the most likely turn.</param>
/// <param name="Lately">How often since.</param>
/// <param name="Elsewhere">How often with everybody else since that turn.</param>
/// <param name="ElsewhereBefore">How often with everybody else before it.</param>
/// <param name="Since">The day of the first try after the turn; null where no day is told.</param>
/// <param name="Rolls">The rolls since, oldest first.</param>
public sealed record Learned(
    Who By,
    Way Way,
    string Partner,
    double Chance,
    Came Before,
    Came Lately,
    Came Elsewhere,
    Came ElsewhereBefore,
    DateOnly? Since,
    IReadOnlyList<string> Rolls
);
