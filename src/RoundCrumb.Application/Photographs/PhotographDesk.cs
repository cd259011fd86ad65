namespace RoundCrumb.Application.Photographs;

/// <summary>Opens photographs two at a time, however many are sent at once: each takes a hundred megabytes while it is open.</summary>
public sealed class PhotographDesk : IDisposable
{
    private readonly SemaphoreSlim _places = new(2, 2);

    /// <summary>Makes one of a file that somebody sent, when its turn comes.</summary>
    /// <param name="length">Bytes of the file.</param>
    /// <param name="copy">Copies the file into a stream.</param>
    /// <param name="cancel">Ends the waiting.</param>
    /// <returns>The photograph, or why it could not be taken.</returns>
    public async Task<(Photograph? Photo, string Trouble)> MakeAsync(long length, Func<Stream, Task> copy, CancellationToken cancel)
    {
        if (length > Photograph.LargestFile)
            return (null, Photograph.TooLarge);
        await _places.WaitAsync(cancel);
        try
        {
            using var sent = new MemoryStream((int)length);
            await copy(sent);
            var photo = Photograph.Make(sent.GetBuffer().AsMemory(0, (int)sent.Length), out var trouble);
            return (photo, trouble);
        }
        finally
        {
            _places.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose() => _places.Dispose();
}
