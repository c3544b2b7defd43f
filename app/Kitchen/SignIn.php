<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Kitchen\Watch\ClockDoubt;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/**
 * A time somebody was signed in at one tablet. It ends when they sign out, when their PIN or role changes, or when they
 * are disabled; a cookie kept from it opens nothing then.
 *
 * @property string $id
 * @property string $person_id
 * @property string|null $tablet
 * @property string $began_at
 * @property string|null $ended_at
 * @property-read Person $person
 */
final class SignIn extends Record
{
    /** Where its id is kept in the session. */
    public const KEPT = 'sign_in';

    /** Days for which it is known when somebody was signed in, and on which tablet, once that is over. */
    public const KEPT_DAYS = 90;

    protected $table = 'sign_ins';

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public static function begin(Request $request, Person $person, string $tablet): void
    {
        $now = Moment::written(Carbon::now());
        $one = DB::connection()->transaction(function () use ($person, $tablet, $now): self {
            $person->update(['signed_in_at' => $now]);
            if (ClockDoubt::said() === null) {
                self::query()
                    ->where('ended_at', '<', Moment::written(Carbon::now()->subDays(self::KEPT_DAYS)))
                    ->delete();
            }

            return self::query()->create(['person_id' => $person->id, 'tablet' => $tablet, 'began_at' => $now]);
        });
        Auth::login($person);
        $request->session()->regenerate();
        $request->session()->put(self::KEPT, $one->id);
        self::found($request, true);
    }

    public static function end(Request $request): void
    {
        $kept = $request->session()->get(self::KEPT);
        if (is_string($kept)) {
            self::query()
                ->whereKey($kept)
                ->whereNull('ended_at')
                ->update(['ended_at' => Moment::written(Carbon::now())]);
        }
        Auth::logout();
        self::found($request, false);
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** Every time this person is signed in anywhere is over, but the one that is kept. */
    public static function endAll(Person $person, ?string $but = null): void
    {
        self::query()
            ->where('person_id', $person->id)
            ->whereNull('ended_at')
            ->when($but !== null, fn ($query) => $query->whereKeyNot($but))
            ->update(['ended_at' => Moment::written(Carbon::now())]);
    }

    /** Whether this person has signed in at this tablet: it is known to them. */
    public static function wasAt(Person $person, string $tablet): bool
    {
        return self::query()->where('person_id', $person->id)->where('tablet', $tablet)->exists();
    }

    public static function current(Request $request): ?string
    {
        $kept = $request->session()->get(self::KEPT);

        return is_string($kept) ? $kept : null;
    }

    /** @throws Fault when what this session began with is over */
    public static function mustGoOn(Request $request, Person $person): void
    {
        $kept = self::current($request);
        $on =
            $person->disabled_at === null &&
            $kept !== null &&
            ($request->attributes->has(self::class)
                ? $request->attributes->getBoolean(self::class)
                : self::query()->whereKey($kept)->where('person_id', $person->id)->whereNull('ended_at')->exists());
        $on || throw Fault::signedOut();
    }

    /** What was found of it as its person was looked for; true of this request alone. */
    public static function found(Request $request, bool $goesOn): void
    {
        $request->attributes->set(self::class, $goesOn);
    }
}
