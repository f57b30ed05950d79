using AshNotch.Core.Reading.Course;

namespace AshNotch.Core.Tests;

/// <summary>The list that courses share, against the library's own list.</summary>
public class ToldTests
{
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void It_does_what_a_list_does(int seed)
    {
        var steps = new byte[400];
        new Random(seed).NextBytes(steps);
        var told = Told<int>.Nothing;
        var list = new List<int>();
        foreach (var step in steps)
        {
            if (step % 4 == 0 && list.Count > 0)
            {
                told = told.WithoutLast();
                list.RemoveAt(list.Count - 1);
            }
            else if (step % 4 == 1 && list.Count > 0)
            {
                told = told.With(step % list.Count, step);
                list[step % list.Count] = step;
            }
            else
            {
                told = told.Add(step);
                list.Add(step);
            }
            Assert.Equal(list, told);
        }
        Assert.All(Enumerable.Range(0, list.Count), i => Assert.Equal(list[i], told[i]));
    }

    [Fact]
    public void One_that_goes_on_from_another_leaves_it_as_it_was()
    {
        Told<int> first = [1, 2, 3];
        var other = first.With(1, 7).Add(4);
        Assert.Equal([1, 2, 3], first);
        Assert.Equal([1, 7, 3, 4], other);
        Assert.Throws<ArgumentOutOfRangeException>(() => first[3]);
    }
}
