namespace RoundCrumb.Web.Tests.Storage;

/// <summary>Takes away what a test has put down.</summary>
internal static class Litter
{
    /// <summary>
    /// Deletes a folder and all in it. A host that has ended may still be putting its last file away: then once more, a moment later,
    /// for five seconds at the most.
    /// </summary>
    public static async Task DeleteAsync(string folder)
    {
        for (var attempt = 1; ; attempt++)
        {
            try
            {
                Directory.Delete(folder, recursive: true);
                return;
            }
            catch (IOException) when (attempt < 100)
            {
                await Task.Delay(50);
            }
        }
    }
}
