<?php

declare(strict_types=1);

namespace App\Practise\Drill;

use App\Catalogue\CatalogueMethod;
use App\Catalogue\Methods;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Kitchen\Database\Row;
use App\Kitchen\Format\Words;
use Sectum\BreakDown\Method\Method;
use Sectum\BreakDown\Method\Step;
use Sectum\Fish\PinBoneRow;
use Sectum\Fish\ScaleType;
use Sectum\Fish\StateBought;
use Sectum\Practise\Dice;
use Sectum\Practise\Level;
use Sectum\Practise\Order\OrderDrill;
use Sectum\Practise\Order\OrderResult;
use Sectum\Practise\Order\Reason;

/** The steps of a method of the house, put in order. */
final readonly class PlayedOrder implements Played
{
    private function __construct(private Method $method, private OrderDrill $drill)
    {
    }

    /** @return list<string> methods by their code, shipped and the house's own */
    public static function subjects(): array
    {
        return array_map(
            fn (Row $row): string => $row->text('method'),
            Row::all(CatalogueMethod::rows()->orderBy('rowid')->get(['method'])),
        );
    }

    public static function drawn(Dice $dice, string $subject, Level $level): self
    {
        $method = Methods::of($subject) ?? throw Fault::inField('/subject', 'There is no such method.');
        $state = StateBought::Gutted;
        foreach ([StateBought::Round, StateBought::Gutted, StateBought::Tail] as $one) {
            if (Methods::suits($subject, $one)) {
                $state = $one;
                break;
            }
        }
        $known = array_filter(
            $level->answers(),
            fn (string $option, string $question): bool => ($method->questions[$question] ?? null)?->option($option)
                !== null,
            ARRAY_FILTER_USE_BOTH,
        );
        $answered = $method->answered($known, [
            'method' => Methods::shipped($subject),
            'state' => $state->value,
            'scales-of' => ScaleType::Large->value,
            'pin-row' => PinBoneRow::Short->value,
        ]);
        $steps = $method->stepsFor($answered, $state);

        return new self($method, OrderDrill::drawn($dice, $steps, $method->orders, $answered->all()));
    }

    public function stamp(): string
    {
        $steps = array_map(
            fn (Step $step): array => [$step->number, $step->action, $step->doing, $step->caution],
            $this->drill->steps,
        );
        $rules = array_map(
            fn (Reason $one): array => [$one->before->first, $one->before->then, $one->why],
            $this->drill->rules,
        );

        return json_encode([$steps, $rules], JSON_THROW_ON_ERROR);
    }

    public function shown(Words $words, array $moves): array
    {
        $asked = [];
        foreach ($this->drill->cautions as $letter => $choices) {
            $asked[] = ['letter' => $letter, 'choices' => $choices];
        }

        return [
            'method' => $this->method->name,
            'steps' => array_map(
                fn (string $letter, Step $step): array => ['letter' => $letter, 'doing' => $step->doing],
                array_keys($this->drill->steps),
                $this->drill->steps,
            ),
            'cautions' => $asked,
        ];
    }

    public function moved(Fields $move, int $number, array $moves): ?array
    {
        return null;
    }

    public function judged(Fields $answer, array $moves, Words $words): Judged
    {
        $result = Fault::within(
            '',
            fn (): OrderResult => $this->drill->judged(
                $answer->strings('order'),
                $answer->fields('cautions')->texts(),
            ),
        );

        return new Judged($result->scorePct, [
            'right' => $this->drill->right,
            'given' => $answer->strings('order'),
            'order_pct' => round($result->orderPct, 1),
            'broken' => array_map(
                fn (Reason $rule): array => [
                    'first' => $rule->before->first,
                    'then' => $rule->before->then,
                    'why' => $rule->why,
                    'costs' => $this->drill->steps[$rule->before->then]->cue->costs,
                ],
                $result->broken,
            ),
            'whys' => array_map(
                fn (string $letter): array => ['letter' => $letter, 'why' => $this->drill->steps[$letter]->why],
                $this->drill->right,
            ),
            'cautions' => array_map(
                fn (string $letter, string $right): array => [
                    'letter' => $letter,
                    'right' => $right,
                    'said' => $answer->fields('cautions')->maybeString($letter) ?? '',
                ],
                array_keys($result->cautions),
                $result->cautions,
            ),
        ]);
    }
}
