<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/**
 * A PIN is short, so guessing is slowed: each wrong one in a row doubles the wait before the next.
 *
 * A known tablet is counted on its own, and never waits longer than a minute whatever is tried elsewhere. Everything
 * else is counted by address and by person: at the longest wait a hundred PINs a day can be tried, whoever tries them.
 */
final readonly class Pin
{
    /** Wrong ones in a row before there is a wait: of one person, and at one address, where many may stand. */
    private const FREE = 5;

    private const FREE_AT_AN_ADDRESS = 20;

    private const FIRST_WAIT_S = 15;

    private const LONGEST_WAIT_S = 900;

    private const LONGEST_AT_A_TABLET_S = 60;

    /** Wrong ones before this count no longer. */
    private const REMEMBERED_S = 86_400;

    /** Days for which tries are kept, to be looked at. */
    public const KEPT_DAYS = 14;

    public static function hash(string $pin): string
    {
        return Hash::make($pin);
    }

    /**
     * @param  string|null  $tablet  the known tablet it was typed at
     *
     * @throws Fault when it is wrong, or was wrong too often to be looked at now
     */
    public static function check(Person $person, string $pin, string $address, ?string $tablet): void
    {
        $now = Carbon::now()->getTimestamp();
        $try = DB::connection()->transaction(function () use ($person, $address, $tablet, $now): PinTry {
            $wait = self::wait($person, $address, $tablet, $now);
            if ($wait > 0) {
                throw Fault::tooMany(
                    "Too many wrong PINs. Wait {$wait} s, or ask the head chef for a new one.",
                    $wait,
                );
            }
            PinTry::query()
                ->where('at_s', '<', $now - self::KEPT_DAYS * 86_400)
                ->delete();

            return PinTry::query()->create([
                'person_id' => $person->id,
                'address' => $address,
                'tablet' => $tablet,
                'at_s' => $now,
                'failed' => true,
            ]);
        });
        if (! Hash::check($pin, $person->pin_hash)) {
            throw Fault::inField('/pin', 'That is not the PIN of '.$person->name.'.');
        }
        $try->update(['failed' => false]);
    }

    /** @throws Fault when anybody would try it first */
    public static function mustNotBeObvious(string $pin, string $pointer = '/pin'): void
    {
        $steps = array_map(
            fn (string $a, string $b): int => (int) $b - (int) $a,
            str_split(substr($pin, 0, -1)),
            str_split(substr($pin, 1)),
        );
        $run = count(array_unique($steps)) === 1 && abs($steps[0]) <= 1;
        $half = intdiv(strlen($pin), 2);
        $repeats =
            strlen($pin) % 2 === 0 &&
            (substr($pin, 0, $half) === substr($pin, $half) || preg_match('/^(\d\d)\1+$/', $pin) === 1);
        $year = preg_match('/^(19|20)\d\d$/', $pin) === 1;
        if ($run || $repeats || $year) {
            throw Fault::inField(
                $pointer,
                'That PIN is among the first anybody would try. Choose another; six digits are better than four.',
            );
        }
    }

    /** Seconds until the next try is looked at. */
    private static function wait(Person $person, string $address, ?string $tablet, int $now): int
    {
        $buckets =
            $tablet !== null
                ? [
                    [
                        fn (Builder $query): Builder => $query
                            ->where('tablet', $tablet)
                            ->where('person_id', $person->id),
                        self::FREE,
                        self::LONGEST_AT_A_TABLET_S,
                    ],
                ]
                : [
                    [
                        fn (Builder $query): Builder => $query->whereNull('tablet')->where('person_id', $person->id),
                        self::FREE,
                        self::LONGEST_WAIT_S,
                    ],
                    [
                        fn (Builder $query): Builder => $query->whereNull('tablet')->where('address', $address),
                        self::FREE_AT_AN_ADDRESS,
                        self::LONGEST_WAIT_S,
                    ],
                ];
        $wait = 0;
        foreach ($buckets as [$among, $free, $longest]) {
            $recent = fn (): Builder => $among(PinTry::query()->where('at_s', '>', $now - self::REMEMBERED_S));
            $right = $recent()->where('failed', false)->max('id');
            $wrong = $recent()
                ->where('failed', true)
                ->where('id', '>', is_numeric($right) ? (int) $right : 0);
            $count = $wrong->count();
            $last = $wrong->max('at_s');
            if ($count >= $free && is_numeric($last)) {
                $delay = min($longest, self::FIRST_WAIT_S * 2 ** min(10, $count - $free));
                $wait = max($wait, (int) $last + (int) $delay - $now);
            }
        }

        return max(0, $wait);
    }
}
