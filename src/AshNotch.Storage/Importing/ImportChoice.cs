using AshNotch.Core.Merging;

namespace AshNotch.Storage.Importing;

/// <summary>What is taken of that which could be either way; the rest is as the plan has it.</summary>
/// <param name="Theirs">Everything is taken from the file.</param>
/// <param name="Take">Of these the file's is taken, written as <c>roll:ID</c>, <c>partner:ID</c>, <c>session:ID</c>, <c>name:NAME</c>.</param>
/// <param name="Leave">Of these the log's own stays.</param>
public sealed record ImportChoice(bool Theirs, IReadOnlySet<string> Take, IReadOnlySet<string> Leave)
{
    /// <summary>As the plan has it.</summary>
    public static readonly ImportChoice AsPlanned = new(false, new HashSet<string>(), new HashSet<string>());

    /// <summary>Whether the file's is taken.</summary>
    public bool Takes(string key, Standing standing) =>
        standing == Standing.New || (standing.IsOpen() && !Leave.Contains(key) && (standing.IsTaken() || Theirs || Take.Contains(key)));
}
