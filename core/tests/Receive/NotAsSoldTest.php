<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use Brick\Math\BigRational;
use PHPUnit\Framework\TestCase;
use Sectum\Fish\Part;
use Sectum\Fish\StateBought;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\BadGrade;
use Sectum\Receive\Claim;
use Sectum\Receive\NotAsSold;
use Sectum\Receive\SoldDone;

final class NotAsSoldTest extends TestCase
{
    public function test_what_was_not_done_comes_back_as_the_state_before_it(): void
    {
        $really = SoldDone::really(...);
        self::assertSame(StateBought::Gutted, $really(StateBought::GuttedAndScaled, [SoldDone::Scaled]));
        self::assertSame(StateBought::Round, $really(StateBought::GuttedAndScaled, [SoldDone::Gutted]));
        self::assertSame(StateBought::Round, $really(StateBought::GuttedAndScaled, SoldDone::cases()));
        self::assertSame(StateBought::Round, $really(StateBought::Gutted, [SoldDone::Gutted]));
        self::assertSame(StateBought::Headless, $really(StateBought::Headless, []));
        foreach (StateBought::cases() as $sold) {
            foreach (SoldDone::claimedBy($sold) as $done) {
                // Whatever it leaves to be weighed was off as sold, and is on as it really is.
                self::assertSame([], array_diff(
                    array_map(fn (Part $part): string => $part->value, $done->leaves()),
                    array_map(fn (Part $part): string => $part->value, $sold->alreadyOff()),
                ));
                self::assertNotContains($done->leaves()[0], $really($sold, [$done])->alreadyOff());
            }
        }
        $this->expectException(BadGrade::class);
        $really(StateBought::Gutted, [SoldDone::Scaled]);
    }

    public function test_weight_and_minutes_are_claimed_and_rounded_once(): void
    {
        $euro = Currency::of('EUR');
        $item = fn (?int $grams, ?int $price, ?int $rate): array => [
            ($claim = Claim::of([], $euro, [], [
                new NotAsSold(
                    'Hake no. 3',
                    [SoldDone::Gutted],
                    $grams === null ? null : Mass::ofGrams($grams),
                    100,
                    $price === null ? null : BigRational::of($price),
                    $rate === null ? null : Money::ofMinor($rate, $euro),
                ),
            ]))->items[0]->kind,
            $claim->items[0]->mass->milligrams,
            $claim->items[0]->claimed?->minor,
            $claim->total->minor,
        ];
        // 310 g at 9.80 are 3.038; 100 s at 18.60 an hour 0.5167: 3.55 together, where each rounded would be 3.56.
        self::assertSame(['not as sold', 310_000, 355, 355], $item(310, 980, 1860));
        self::assertSame(['not as sold', 0, 52, 52], $item(null, 980, 1860), 'the weight follows');
        self::assertSame(['not as sold', 310_000, 52, 52], $item(310, null, 1860));
        self::assertSame(['not as sold', 310_000, null, 0], $item(310, 980, null));
    }
}
