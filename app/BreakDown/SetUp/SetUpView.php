<?php

declare(strict_types=1);

namespace App\BreakDown\SetUp;

use App\BreakDown\Method\HowCut;
use App\Fish\Fish;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\SetUp\Knife;
use Sectum\BreakDown\SetUp\Laid;
use Sectum\BreakDown\SetUp\SetUp;
use Sectum\BreakDown\SetUp\SetUpSays;
use Sectum\Fish\PinBoneRow;
use Sectum\Message;

/** How the board is set up for the lot a fish is of, and as whoever stands here had it last. */
final readonly class SetUpView
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Answer */
    public function of(Fish $fish, Person $person, Words $words): array
    {
        $own = self::last('lot', Fish::lot($fish->id, $fish->line_id));
        $last = $own ?? self::last('done_by', $person->id);
        $hasPinBones = $fish->species->pin_row !== PinBoneRow::None;

        return [
            'is_set_up' => $own !== null,
            'says' => $own === null
                ? [$words->say(new Message(SetUpSays::NotYet))]
                : array_map($words->say(...), $this->board($own)->remarks($hasPinBones)),
            'by' => $own === null
                ? null
                : (Person::query()->find($own->done_by)->name ?? '').', '.Moment::hour($own->done_at),
            'laid' => $last === null
                ? array_column(Laid::cases(), 'value')
                : explode(' ', $last->laid),
            'knife' => ($own->knife ?? self::asked($fish) ?? $last->knife ?? Knife::Flexible)->value,
            'knives' => array_column(Knife::cases(), 'value'),
            'sharpened' => (object) $this->sharpened(),
        ];
    }

    private static function last(string $column, string $value): ?BoardSetUp
    {
        return BoardSetUp::query()->where($column, $value)->orderByDesc('done_at')->orderByDesc('id')->first();
    }

    private function board(BoardSetUp $one): SetUp
    {
        return new SetUp(
            array_values(array_filter(array_map(Laid::tryFrom(...), explode(' ', $one->laid)))),
            $one->knife,
            $one->sharpened_on === null ? null : Moment::at($one->sharpened_on),
            Moment::day($this->clock->now()),
        );
    }

    /** The knife the first step of its method that names one is done with. */
    private static function asked(Fish $fish): ?Knife
    {
        foreach (HowCut::of($fish)->steps ?? [] as $step) {
            $knife = Knife::named($step->tools);
            if ($knife !== null && $step->action === 'open') {
                return $knife;
            }
        }

        return null;
    }

    /** @return array<string, string> the day each kind of knife was last said to be sharpened */
    private function sharpened(): array
    {
        $days = [];
        $rows = BoardSetUp::query()
            ->whereNotNull('sharpened_on')
            ->orderBy('sharpened_on')
            ->get(['knife', 'sharpened_on']);
        foreach ($rows as $one) {
            $days[$one->knife->value] = (string) $one->sharpened_on;
        }

        return $days;
    }
}
