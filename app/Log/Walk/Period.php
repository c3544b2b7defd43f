<?php

declare(strict_types=1);

namespace App\Log\Walk;

use App\Contract\Fault;
use App\Kitchen\Moment;
use DateTimeImmutable;

/** Kitchen days from one to another, both among them. */
final readonly class Period
{
    private function __construct(public DateTimeImmutable $from, public DateTimeImmutable $until)
    {
    }

    /** The week a day lies in, Monday to Sunday. */
    public static function weekOf(DateTimeImmutable $day): self
    {
        $monday = $day->modify('-'.((int) $day->format('N') - 1).' days');

        return new self($monday, $monday->modify('+6 days'));
    }

    /**
     * @param  array<array-key, mixed>  $query  of the address: from and until; this week where neither is said
     *
     * @throws Fault at the field that is no day
     */
    public static function asked(array $query): self
    {
        $week = self::weekOf(Moment::day(now()));
        $from = self::day($query, 'from') ?? $week->from;
        $until = self::day($query, 'until') ?? max($from, $week->until);
        $from <= $until || throw Fault::inField('/until', 'The last day is not before the first.');

        return new self($from, $until);
    }

    /** "16 to 22 Nov", "28 Sep to 4 Oct", "29 Dec 2025 to 4 Jan 2026" */
    public function said(): string
    {
        $form = match (true) {
            $this->from->format('Y') !== $this->until->format('Y') => 'j M Y',
            $this->from->format('m') !== $this->until->format('m') => 'j M',
            default => 'j',
        };

        return $this->days()[0] === $this->days()[1]
            ? $this->from->format('D j M')
            : $this->from->format($form).' to '.$this->until->format($form === 'j M Y' ? 'j M Y' : 'j M');
    }

    /** @return array{string, string} "2026-11-16" and "2026-11-22" */
    public function days(): array
    {
        return [$this->from->format('Y-m-d'), $this->until->format('Y-m-d')];
    }

    public function before(): self
    {
        $days = 1 + (int) $this->from->diff($this->until)->format('%a');

        return new self($this->from->modify("-{$days} days"), $this->until->modify("-{$days} days"));
    }

    /** @param  array<array-key, mixed>  $query */
    private static function day(array $query, string $key): ?DateTimeImmutable
    {
        $day = $query[$key] ?? '';
        if (! is_string($day) || $day === '') {
            return null;
        }
        preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $day, $m) === 1 && checkdate((int) $m[2], (int) $m[3], (int) $m[1]) ||
            throw Fault::inField("/{$key}", 'Type a day like 2026-11-26.');

        return Moment::at($day);
    }
}
