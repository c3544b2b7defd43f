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
 * Wrong ones are counted by person, over all tablets, and by address. A tablet is known to those who have signed in on
 * it (SignIn). There they are counted apart and wait a minute at most, so that wrong PINs tried elsewhere shut nobody
 * out, until so many were wrong at such tablets in a day that they wait as long as anywhere. At the longest wait some
 * hundred PINs of one person can be tried a day, whoever tries them and however many tablets they make up.
 */
final readonly class Pin
{
    /** Wrong ones in a row before there is a wait: of one person, and at one address, where many may stand. */
    private const FREE = 5;

    private const FREE_AT_AN_ADDRESS = 20;

    private const FIRST_WAIT_S = 15;

    private const LONGEST_WAIT_S = 900;

    private const LONGEST_AT_A_TABLET_S = 60;

    /** Wrong ones of one person in a day, at tablets known to them, after which the wait is as long as anywhere. */
    private const KIND_A_DAY = 40;

    /** Wrong ones of one person in a day that the head chef is told of. */
    public const TOLD_FROM = 10;

    /** Wrong ones before this count no longer. */
    public const REMEMBERED_S = 86_400;

    /** Days for which tries are kept, to be looked at. */
    public const KEPT_DAYS = 14;

    /** Four to twelve digits, or a phrase of ten characters or more. */
    public const PATTERN = '/^([0-9]{4,12}|\S.{8,68}\S)$/u';

    public static function hash(string $pin): string
    {
        return Hash::make($pin);
    }

    /**
     * @param  string|null  $tablet  the token of the tablet it was typed at
     *
     * @throws Fault when it is wrong, or was wrong too often to be looked at now
     */
    public static function check(Person $person, string $pin, string $address, ?string $tablet): void
    {
        $now = Carbon::now()->getTimestamp();
        $tablet = $tablet !== null && SignIn::wasAt($person, $tablet) ? $tablet : null;
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
        if (! ctype_digit($pin)) {
            count(array_unique(mb_str_split($pin))) >= 5 ||
                throw Fault::inField($pointer, 'That phrase is too easy to guess. Choose another.');

            return;
        }
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
        $tries = fn (): Builder => PinTry::query()->where('at_s', '>', $now - self::REMEMBERED_S);
        if ($tablet === null) {
            $unknown = fn (): Builder => $tries()->whereNull('tablet');
            $ofPerson = fn (): Builder => $unknown()->where('person_id', $person->id);
            $ofAddress = fn (): Builder => $unknown()->where('address', $address);

            return max(
                0,
                self::ready($ofPerson, self::FREE, self::LONGEST_WAIT_S) - $now,
                self::ready($ofAddress, self::FREE_AT_AN_ADDRESS, self::LONGEST_WAIT_S) - $now,
            );
        }
        $known = fn (): Builder => $tries()->whereNotNull('tablet')->where('person_id', $person->id);
        $wrong = $known()->where('failed', true);
        if ($wrong->count() >= self::KIND_A_DAY) {
            $last = $wrong->max('at_s');

            return max(0, (is_numeric($last) ? (int) $last : 0) + self::LONGEST_WAIT_S - $now);
        }
        $here = fn (): Builder => $known()->where('tablet', $tablet);

        return max(0, self::ready($here, self::FREE, self::LONGEST_AT_A_TABLET_S) - $now);
    }

    /**
     * @param  callable(): Builder<PinTry>  $tries  that are counted together
     * @return int Unix time from which the next of them is looked at
     */
    private static function ready(callable $tries, int $free, int $longestS): int
    {
        $right = $tries()->where('failed', false)->max('id');
        $wrong = $tries()
            ->where('failed', true)
            ->where('id', '>', is_numeric($right) ? (int) $right : 0);
        $count = $wrong->count();
        $last = $wrong->max('at_s');
        if ($count < $free || ! is_numeric($last)) {
            return 0;
        }

        return (int) $last + min($longestS, self::FIRST_WAIT_S * 2 ** min(10, $count - $free));
    }
}
