<?php

declare(strict_types=1);

namespace Sectum\Tests\Receive;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sectum\Measure\Currency;
use Sectum\Measure\Mass;
use Sectum\Measure\Money;
use Sectum\Receive\Claims\BadClaimStep;
use Sectum\Receive\Claims\ClaimAnswer;
use Sectum\Receive\Claims\ClaimCourse;
use Sectum\Receive\Claims\ClaimEvent;
use Sectum\Receive\Claims\ClaimSays;
use Sectum\Receive\Claims\ClaimState;
use Sectum\Receive\Claims\ClaimStep;
use Sectum\Receive\Claims\CreditNote;
use Sectum\Tests\Euro;

final class ClaimCourseTest extends TestCase
{
    use TestTrait;

    private static function sent(int $minor): ClaimEvent
    {
        return new ClaimEvent(ClaimStep::Sent, Euro::of($minor));
    }

    private static function answered(ClaimAnswer $answer): ClaimEvent
    {
        return new ClaimEvent(ClaimStep::Answered, Euro::of(0), $answer);
    }

    private static function credited(int $minor): ClaimEvent
    {
        return new ClaimEvent(ClaimStep::Credited, Euro::of($minor));
    }

    private static function euro(): Currency
    {
        return Currency::of('EUR');
    }

    /** @return iterable<string, array{list<ClaimEvent>, ClaimState, int}> what happened, how far it is, what is due */
    public static function courses(): iterable
    {
        $all = self::sent(4986);
        yield 'nothing happened' => [[], ClaimState::Open, 0];
        yield 'sent' => [[$all], ClaimState::Sent, 4986];
        yield 'agreed to' => [[$all, self::answered(ClaimAnswer::Agreed)], ClaimState::Answered, 4986];
        yield 'rejected' => [[$all, self::answered(ClaimAnswer::Rejected)], ClaimState::Rejected, 0];
        yield 'credited without a word' => [[$all, self::credited(4986)], ClaimState::Credited, 0];
        yield 'more than claimed' => [[$all, self::credited(5000)], ClaimState::Credited, 0];
        yield 'a first note of two' => [[$all, self::credited(3000)], ClaimState::PartCredited, 1986];
        yield 'both notes' => [[$all, self::credited(3000), self::credited(1986)], ClaimState::Credited, 0];
        yield 'agreed in part, and that part came' => [
            [$all, self::answered(ClaimAnswer::Partly), self::credited(3000)],
            ClaimState::Credited,
            0,
        ];
        yield 'credited in part, the rest rejected' => [
            [$all, self::credited(3000), self::answered(ClaimAnswer::Rejected)],
            ClaimState::Rejected,
            0,
        ];
        yield 'more was found after it was rejected' => [
            [$all, self::answered(ClaimAnswer::Rejected), self::sent(5600)],
            ClaimState::Sent,
            5600,
        ];
        yield 'claimed without money, and an offer came' => [
            [self::sent(0), self::credited(900)],
            ClaimState::Credited,
            0,
        ];
    }

    /** @param  list<ClaimEvent>  $events */
    #[DataProvider('courses')]
    public function test_how_far_it_has_come_follows_from_what_happened(
        array $events,
        ClaimState $state,
        int $outstanding,
    ): void {
        $course = ClaimCourse::of($events, self::euro());
        self::assertSame([$state, $outstanding], [$course->state, $course->outstanding()->minor]);
    }

    public function test_an_answer_or_a_credit_follows_a_sending_and_only_news_is_sent_again(): void
    {
        $open = ClaimCourse::of([], self::euro());
        $sent = ClaimCourse::of([self::sent(4986)], self::euro());
        $open->mustBeReadyFor(ClaimStep::Sent, false);
        $sent->mustBeReadyFor(ClaimStep::Sent, true);
        $sent->mustBeReadyFor(ClaimStep::Answered, false);
        foreach ([
            [$open, ClaimStep::Answered, ClaimSays::NotSent],
            [$open, ClaimStep::Credited, ClaimSays::NotSent],
            [$sent, ClaimStep::Sent, ClaimSays::Unchanged],
        ] as [$course, $next, $why]) {
            try {
                $course->mustBeReadyFor($next, false);
                self::fail("{$next->value} was let through");
            } catch (BadClaimStep $refused) {
                self::assertSame([$why, '/step'], [$refused->said()?->code, $refused->pointer()]);
            }
        }
    }

    public function test_an_item_is_carried_to_its_own_fish_by_weight_and_what_never_came_to_none(): void
    {
        $note = CreditNote::of(
            [Euro::of(415), Euro::of(1000), Euro::of(101)],
            [[], ['a' => Mass::ofGrams(3000), 'b' => Mass::ofGrams(1000)], ['b' => Mass::ofGrams(1000)]],
            ['a' => Euro::of(2940), 'b' => Euro::of(980)],
            self::euro(),
        );
        self::assertSame(
            ['a' => 750, 'b' => 351],
            array_map(fn (Money $one): int => $one->minor, $note->fish),
        );
        self::assertSame(1516, $note->total->minor);
    }

    public function test_no_fish_is_credited_more_than_it_cost(): void
    {
        $about = [['a' => Mass::ofGrams(3000)]];
        try {
            CreditNote::of([Euro::of(2941)], $about, ['a' => Euro::of(2940)], self::euro());
            self::fail('It was let through.');
        } catch (BadClaimStep $refused) {
            self::assertSame(
                [ClaimSays::MoreThanTheyCost, '/items/0'],
                [$refused->said()?->code, $refused->pointer()],
            );
        }
        self::assertSame(
            2940,
            CreditNote::of([Euro::of(2940)], $about, ['a' => Euro::of(2940)], self::euro())->total->minor,
        );
        $this->expectException(BadClaimStep::class);
        CreditNote::of([Euro::of(0)], $about, [], self::euro());
    }

    public function test_what_the_fish_get_adds_up_to_their_items(): void
    {
        $this->forAll(
            Generators::choose(1, 90_000),
            Generators::vector(4, Generators::choose(1, 9000)),
        )->then(function (int $minor, array $grams): void {
            $about = [];
            foreach ($grams as $i => $g) {
                $about["fish {$i}"] = Mass::ofGrams(is_int($g) ? $g : 1);
            }
            $note = CreditNote::of([Euro::of($minor)], [$about], [], self::euro());
            self::assertSame($minor, Money::sum(array_values($note->fish), self::euro())->minor);
        });
    }
}
