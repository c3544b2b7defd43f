<?php

declare(strict_types=1);

namespace App\Kitchen;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** Who works here, as the head chef sees them: role, last sign-in, wrong PINs. */
final readonly class PeopleView
{
    private const SHOWN = 20;

    /** @return Answer */
    public static function of(): array
    {
        $since = Carbon::now()->getTimestamp() - Pin::KEPT_DAYS * 86_400;
        $wrong = PinTry::query()
            ->with('person')
            ->where('failed', true)
            ->where('at_s', '>', $since)
            ->orderByDesc('id')
            ->limit(self::SHOWN)
            ->get();
        $counts = PinTry::query()
            ->where('failed', true)
            ->where('at_s', '>', $since)
            ->selectRaw('person_id, count(*) as n')
            ->groupBy('person_id')
            ->pluck('n', 'person_id');

        return [
            'people' => array_map(
                fn (Person $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'role' => $one->role->value,
                    'version' => $one->version,
                    'disabled' => $one->disabled_at !== null,
                    'anonymous' => $one->anonymous_at !== null,
                    'signed_in' => $one->signed_in_at === null ? null : self::moment($one->signed_in_at),
                    'wrong' => is_numeric($counts[$one->id] ?? null) ? (int) $counts[$one->id] : 0,
                ],
                array_values(self::people()->all()),
            ),
            'wrong' => array_map(
                fn (PinTry $one): array => [
                    'at' => self::moment('@'.$one->at_s),
                    'name' => $one->person->name,
                    'address' => $one->address,
                    'known' => $one->tablet !== null,
                ],
                array_values($wrong->all()),
            ),
            'days' => Pin::KEPT_DAYS,
            'kept' => [
                'tries_days' => Pin::KEPT_DAYS,
                'sign_ins_days' => SignIn::KEPT_DAYS,
                'backups' => Settings::load()->backupsKept,
                'log_days' => config()->integer('logging.channels.bounded.handler_with.maxFiles'),
            ],
        ];
    }

    /** @return Collection<int, Person> those who may sign in first */
    private static function people(): Collection
    {
        return Person::query()
            ->orderBy('created_at')
            ->orderBy('id')
            ->get()
            ->sortBy(fn (Person $one): bool => $one->disabled_at !== null)
            ->values();
    }

    private static function moment(string $kept): string
    {
        return Moment::at($kept)->format('D j M, H:i');
    }
}
