using System.Net;

namespace AshNotch.App.Tests;

/// <summary>How answers are served; what pages do stands in the browser's tests.</summary>
public class AnswerTests
{
    private static HttpClient Plain(RunningApp app) =>
        new(new HttpClientHandler { AutomaticDecompression = DecompressionMethods.None }) { BaseAddress = app.Client.BaseAddress };

    [Theory]
    [InlineData("/api/nothing")]
    [InlineData("/api")]
    public async Task An_unknown_path_of_the_api_stays_a_problem(string path)
    {
        await using var app = await RunningApp.Start();
        using var response = await app.Client.GetAsync(path, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.NotFound, response.StatusCode);
        Assert.Equal("application/problem+json", response.Content.Headers.ContentType?.MediaType);
    }

    [Fact]
    public async Task Answers_are_compressed()
    {
        await using var app = await RunningApp.Start();
        using var client = Plain(app);
        client.DefaultRequestHeaders.Add("Accept-Encoding", "gzip");
        using var answer = await client.GetAsync("/api/vocabulary", TestContext.Current.CancellationToken);
        Assert.Equal(["gzip"], answer.Content.Headers.ContentEncoding);
    }
}
