<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Fault;
use App\Kitchen\Backups\Backup;
use App\Kitchen\Tablets\Board;
use App\Kitchen\Watch\ClockDoubt;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** What the page knows of the kitchen before and after signing in. */
final readonly class KitchenView
{
    /** The demo kitchen's PINs, shown on its own sign-in page only. */
    public const DEMO_PINS = [
        'Maren Osk' => '2741',
        'Tobin Hale' => '1180',
        'Ilse Varga' => '5063',
        'Wenna Pike' => '3690',
    ];

    /** @return Answer */
    public static function of(Request $request): array
    {
        $me = self::whoGoesOn($request);
        $demo = config('sectum.demo') === true;
        $settings = Settings::load();
        $people = [];
        foreach (Person::query()->whereNull('disabled_at')->orderBy('created_at')->orderBy('id')->get() as $person) {
            $people[] =
                ['id' => $person->id, 'name' => $person->name, 'role' => $person->role->value] +
                ($demo && isset(self::DEMO_PINS[$person->name])
                    ? ['demo_pin' => self::DEMO_PINS[$person->name]]
                    : []);
        }

        return [
            'name' => $settings->kitchen,
            'print_header' => $settings->onPaper(),
            'currency_sign' => trim($settings->currency->sign()),
            'demo' => $demo,
            'today' => Moment::date(Carbon::now()),
            'scale' => $demo || $settings->scaleAt !== '',
            'boards' => self::boards(Board::of($request)),
            'zone' => $settings->time->zone->getName(),
            'probe' => $demo || $settings->probeAt !== '',
            'backup_due' => $me instanceof Person && $me->role === Role::HeadChef ? Backup::due() : null,
            'clock_doubt' => $me instanceof Person ? ClockDoubt::said() : null,
            'needs_setup' => $people === [],
            'people' => $people,
            'me' => $me instanceof Person
                    ? [
                        'id' => $me->id,
                        'name' => $me->name,
                        'role' => $me->role->value,
                        'units' => $me->units->value,
                        'language' => $me->language->value,
                        'sees_prices' => $me->seesPrices(),
                        'shortcuts' => $me->shortcuts,
                        'hands_free' => $me->hands_free,
                    ]
                    : null,
        ];
    }

    /** @return list<array{board: string, here: bool}> */
    public static function boards(Board $here): array
    {
        return array_map(
            fn (Board $one): array => ['board' => $one->value, 'here' => $one === $here],
            Board::all(),
        );
    }

    /** Whoever is signed in and was not signed out elsewhere. */
    private static function whoGoesOn(Request $request): ?Person
    {
        try {
            $me = $request->user();
            if (! $me instanceof Person) {
                return null;
            }
            SignIn::mustGoOn($request, $me);

            return $me;
        } catch (Fault) {
            return null;
        }
    }
}
