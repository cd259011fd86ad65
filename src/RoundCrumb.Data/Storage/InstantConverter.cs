using Microsoft.EntityFrameworkCore.Storage.ValueConversion;

namespace RoundCrumb.Data.Storage;

/// <summary>
/// Keeps a moment so that what is earlier is smaller, wherever its clock hung: in ticks of a tenth of a millisecond in UTC, shifted by
/// eleven bits, which held an offset once and are read so still.
/// </summary>
internal sealed class InstantConverter() : ValueConverter<DateTimeOffset, long>(static v => Write(v), static v => Read(v))
{
    private const int OffsetBits = 11;
    private const long TicksKept = 1000;

    private static long Write(DateTimeOffset moment) => (moment.UtcTicks / TicksKept) << OffsetBits;

    private static DateTimeOffset Read(long kept) =>
        new((kept >> OffsetBits) * TicksKept, TimeSpan.FromMinutes((kept << (64 - OffsetBits)) >> (64 - OffsetBits)));
}
