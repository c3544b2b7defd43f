<?php

declare(strict_types=1);

namespace Sectum\Tests\Route;

use PHPUnit\Framework\TestCase;
use Sectum\Fish\Bin;
use Sectum\Fish\FatClass;
use Sectum\Fish\Part;
use Sectum\Measure\Mass;
use Sectum\Message;
use Sectum\Route\BinNeed;
use Sectum\Route\Destination;
use Sectum\Route\Destinations;
use Sectum\Route\Leftover;
use Sectum\Route\RoutingReason;
use Sectum\Route\ScrapeSays;
use Sectum\Route\Scraping;
use Sectum\Sentence;
use Sectum\Tests\Euro;

final class ScrapingTest extends TestCase
{
    /** @param  list<float>  $ours */
    private static function scraping(Part $off, int $grams, array $ours = [], int $perKg = 1150): ?Scraping
    {
        return Scraping::of($off, Mass::ofGrams($grams), $ours, Euro::perKg($perKg), Euro::of(1860));
    }

    public function test_a_spoon_pays_when_what_it_brings_is_worth_more_than_its_minutes(): void
    {
        // 6 % of 1 kg is 60 g, 0.69 at 11.50 a kilo; 75 s at 18.60 an hour are 0.39.
        $frame = self::scraping(Part::Frame, 1000);
        self::assertNotNull($frame);
        self::assertSame(
            [60_000, 69, 39, true],
            [$frame->brings->milligrams, $frame->worth->minor, $frame->work->minor, $frame->pays()],
        );
        self::assertSame(ScrapeSays::Pays, $frame->says(true)->code);
        self::assertSame(ScrapeSays::PaysUnpriced, $frame->says(false)->code);
        // A small head is not worth it: 4 % of 300 g is 12 g, 0.14, for 52 s, 0.27.
        $head = self::scraping(Part::Head, 300);
        self::assertSame([14, 27], [$head?->worth->minor, $head?->work->minor]);
        self::assertSame(ScrapeSays::DoesNotPay, $head?->says(true)->code);
        self::assertNull(self::scraping(Part::Skin, 300));
    }

    public function test_the_houses_own_scrapings_draw_the_share_to_themselves(): void
    {
        $grams = fn (array $ours): float => round(
            self::scraping(Part::Frame, 1000, array_values(array_filter($ours, is_float(...))))?->brings->grams() ?? 0,
            3,
        );
        // Four of the start's 6 % and four of ours at 10 % are 8 %.
        self::assertSame(80.0, $grams([10.0, 10.0, 10.0, 10.0]));
        self::assertSame(60.0, $grams([6.0]));
        self::assertGreaterThan(99.0, $grams(array_fill(0, 400, 10.0)));
    }

    /** @return list<Sentence> */
    private static function why(?Destination $to): array
    {
        return array_map(fn (Message $one): Sentence => $one->code, $to->why ?? []);
    }

    public function test_a_broken_sac_goes_to_stuffing_and_a_whole_one_is_served(): void
    {
        $roe = fn (bool $broken): Destinations => Destinations::of(
            new Leftover(Part::Roe, FatClass::Lean, Mass::ofGrams(120), broken: $broken),
        );
        self::assertSame([Bin::Roe, Bin::Mince], [$roe(false)->first(), $roe(true)->first()]);
        self::assertNull($roe(false)->to(Bin::Mince));
        self::assertSame([RoutingReason::SacBroken], self::why($roe(true)->to(Bin::Roe)));
        self::assertFalse($roe(true)->to(Bin::Roe)?->allowed);
        self::assertFalse($roe(true)->to(Bin::Stock)?->allowed);
        self::assertLessThan(100, $roe(true)->to(Bin::Mince)?->worthPct);
    }

    public function test_a_frame_may_be_grilled_for_what_of_it_is_eaten(): void
    {
        $needs = ['grill' => new BinNeed(value: Euro::perKg(900)), 'stock' => new BinNeed(value: Euro::perKg(120))];
        foreach ([Part::Frame, Part::Fins] as $part) {
            $may = Destinations::of(new Leftover($part, FatClass::Lean, Mass::ofGrams(400)), needs: $needs);
            self::assertSame(Bin::Stock, $may->first());
            self::assertTrue($may->to(Bin::Grill)?->allowed);
            self::assertSame($may->to(Bin::Grill)->worthPct, Destinations::worthPct($part, Bin::Grill));
            self::assertLessThan(100, $may->to(Bin::Grill)->worthPct);
        }
        self::assertSame(100, Destinations::worthPct(Part::Collar, Bin::Grill));
        // Bone is never counted as the flesh of a collar.
        self::assertSame(180, Euro::perKg(900)->share(Destinations::worthPct(Part::Frame, Bin::Grill))->perKg->minor);
    }
}
