using FsCheck.Xunit;
using RoundCrumb.Core.Quantities;

namespace RoundCrumb.Core.Tests.Units;

public class OvenScaleTests
{
    [Property]
    public void Fahrenheit_and_Celsius_invert(short f) =>
        OvenScale.ToFahrenheit(OvenScale.FromFahrenheit(f)).ShouldBe(f, 1e-9);

    [Theory]
    [InlineData(1)]
    [InlineData(4)]
    [InlineData(8)]
    public void A_gas_mark_comes_back(int mark) => OvenScale.ToGas(OvenScale.FromGas(mark)!.Value).ShouldBe(mark);

    [Fact]
    public void By_hand()
    {
        // 350 °F: (350 − 32) × 5 ÷ 9 = 176.7 °C; fan 160 is 180; gas 4 is 180; there is no gas 9.
        OvenScale.FromFahrenheit(350).Value.ShouldBe(176.67, 0.01);
        OvenScale.FromFan(160).Value.ShouldBe(180);
        OvenScale.FromGas(4)!.Value.Value.ShouldBe(180);
        OvenScale.FromGas(9).ShouldBeNull();
    }
}
