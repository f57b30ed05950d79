namespace AshNotch.Core.Partners;

/// <summary>
/// Tries thrown together: between the two or elsewhere, after which share of the tries between the two, and against how much of an edge.
/// However many tries there were, so many heaps are told apart.
/// </summary>
internal sealed class Heaps
{
    private const int Shares = 60;
    private const int Edges = 7;

    private readonly int[] tried = new int[2 * (Shares + 1) * (2 * Edges + 1)];
    private readonly int[] cameOff = new int[2 * (Shares + 1) * (2 * Edges + 1)];

    /// <summary>Edges are told apart to so much.</summary>
    public const double EdgeStep = 0.4;

    /// <summary>Throws a try on its heap.</summary>
    /// <param name="isOwn">It was between the two.</param>
    /// <param name="share">Which share of the tries between the two had been made by then, 0 to 1.</param>
    /// <param name="edge">What its partner adds to the log odds.</param>
    /// <param name="came">Whether it came off.</param>
    public void Add(bool isOwn, double share, double edge, bool came)
    {
        var at = (int)Math.Round(share * Shares) * (2 * Edges + 1) + Math.Clamp((int)Math.Round(edge / EdgeStep), -Edges, Edges) + Edges;
        if (isOwn)
            at += tried.Length / 2;
        tried[at]++;
        cameOff[at] += came ? 1 : 0;
    }

    /// <summary>The heaps there are, by how much of a turn had been made at each, in so many grades.</summary>
    public List<Heap> By(TurnShape shape, int grades)
    {
        var (width, half) = (2 * Edges + 1, tried.Length / 2);
        var graded = new Heap[2 * (grades + 1) * width];
        for (var share = 0; share <= Shares; share++)
        {
            var grade = (int)Math.Round(shape.At((double)share / Shares) * grades);
            for (var own = 0; own < 2; own++)
            for (var edge = 0; edge < width; edge++)
            {
                var from = own * half + share * width + edge;
                if (tried[from] == 0)
                    continue;
                ref var to = ref graded[(own * (grades + 1) + grade) * width + edge];
                to = new Heap(
                    own == 1,
                    (double)grade / grades,
                    (edge - Edges) * EdgeStep,
                    to.Tried + tried[from],
                    to.CameOff + cameOff[from]
                );
            }
        }
        return [.. graded.Where(g => g.Tried > 0)];
    }

    /// <summary>Tries alike.</summary>
    /// <param name="IsOwn">They were between the two.</param>
    /// <param name="Grade">How much of a turn had been made, 0 to 1.</param>
    /// <param name="Edge">What their partner adds to the log odds.</param>
    /// <param name="Tried">How many.</param>
    /// <param name="CameOff">How many came off.</param>
    internal readonly record struct Heap(bool IsOwn, double Grade, double Edge, int Tried, int CameOff);
}
