<?php

declare(strict_types=1);

namespace App\Plan\Service;

use App\Kitchen\Moment;
use App\Kitchen\Record;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Sectum\Plan\Service\Covers;
use Sectum\Plan\Service\ServiceKind;

/**
 * One service: lunch, dinner, or a meal of a banquet.
 *
 * @property string $id
 * @property string $day its kitchen day, 2026-11-27
 * @property string $at when guests are served, on the house's clock, 19:00
 * @property ServiceKind $kind
 * @property string $name
 * @property int $covers expected; of a banquet, guests announced
 * @property float $covers_sd of a dining room
 * @property float $no_show_pct of a banquet
 * @property float $no_show_sd_pct
 * @property float $spare_pct plates beside, of a banquet
 * @property int|null $guaranteed guests of a banquet; null until a count is guaranteed
 * @property string $note
 * @property string $event it belongs to, with other services; empty for one of its own
 * @property int|null $quote_minor what a guest was quoted; null when nobody said
 * @property array<string, int> $allergies guests who must not have something, by allergen
 * @property string|null $calendar_uid of the calendar it came from
 * @property int|null $sold_covers who really came; null until it is over and typed
 * @property string|null $dropped_at
 * @property int $version
 * @property string $stored_by
 * @property-read \Illuminate\Database\Eloquent\Collection<int, ServiceDish> $dishes
 */
final class Service extends Record
{
    protected $table = 'services';

    protected $attributes = [
        'covers_sd' => 0,
        'no_show_pct' => 0,
        'no_show_sd_pct' => 0,
        'spare_pct' => 0,
        'note' => '',
        'event' => '',
        'allergies' => '{}',
        'version' => 1,
    ];

    /** @return HasMany<ServiceDish, $this> */
    public function dishes(): HasMany
    {
        $dishes = $this->hasMany(ServiceDish::class);
        $dishes->orderBy('id');

        return $dishes;
    }

    /** @return Builder<self> those that are held, by day and hour */
    public static function held(): Builder
    {
        return self::query()->whereNull('dropped_at')->orderBy('day')->orderBy('at')->orderBy('id');
    }

    public function guests(): Covers
    {
        return match ($this->kind) {
            ServiceKind::DiningRoom => Covers::diningRoom($this->covers, $this->covers_sd),
            ServiceKind::Banquet => Covers::banquet(
                $this->covers,
                $this->no_show_pct,
                $this->no_show_sd_pct,
                $this->spare_pct,
                $this->guaranteed,
            ),
        };
    }

    /** What it belongs to; its own name where it stands alone. */
    public function eventName(): string
    {
        return $this->event === '' ? $this->name : $this->event;
    }

    /** The guests as they were announced, before any count was guaranteed. */
    public function announced(): Covers
    {
        return $this->kind === ServiceKind::DiningRoom
            ? $this->guests()
            : Covers::banquet($this->covers, $this->no_show_pct, $this->no_show_sd_pct, $this->spare_pct);
    }

    /** The moment guests are served. */
    public function moment(): DateTimeImmutable
    {
        return Moment::at("{$this->day}T{$this->at}");
    }

    /** Minute of its day at which guests are served. */
    public function minute(): int
    {
        return Moment::minute($this->at);
    }

    public function weekday(): int
    {
        return (int) Moment::at($this->day)->format('N');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => ServiceKind::class,
            'allergies' => 'array',
            'covers_sd' => 'float',
            'no_show_pct' => 'float',
            'no_show_sd_pct' => 'float',
            'spare_pct' => 'float',
        ];
    }
}
