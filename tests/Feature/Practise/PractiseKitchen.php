<?php

declare(strict_types=1);

namespace Tests\Feature\Practise;

use App\Practise\Drill\Drill;
use App\Practise\Drill\Plays;
use App\Practise\Person\Learner;
use Illuminate\Testing\TestResponse;
use ReflectionProperty;
use Sectum\Practise\Bones\BonesDrill;
use Sectum\Practise\Bones\PinBone;
use Sectum\Practise\Cuts\CutsDrill;
use Sectum\Practise\Fresh\FreshDrill;
use Sectum\Practise\Fresh\Lot;
use Sectum\Practise\Level;
use Sectum\Practise\Order\OrderDrill;
use Sectum\Practise\Raw\RawCase;
use Sectum\Practise\Raw\RawDrill;
use Sectum\Practise\Sheet\Sheet;
use Sectum\Practise\Sheet\SheetDrill;
use Sectum\Practise\Skill;
use Sectum\Practise\Sort\SortDrill;
use Sectum\Practise\Sort\Sorted;
use Sectum\Practise\Weigh\PieceToWeigh;
use Sectum\Practise\Weigh\WeighDrill;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A cutter who practises; the right answers are taken from where the server keeps them. */
abstract class PractiseKitchen extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        $this->actingAs($this->cutter);
        $this->level(Level::First);
    }

    protected function level(Level $level): void
    {
        $learner = Learner::of($this->cutter);
        $learner->fill(['level' => $level])->save();
    }

    /**
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    protected function draw(Skill $skill, array $more = []): TestResponse
    {
        return $this->api('PUT', '/practise/drills/'.self::id(), ['skill' => $skill->value, ...$more]);
    }

    /** @param  TestResponse<Response>  $drawn */
    protected function drill(TestResponse $drawn): Drill
    {
        return Drill::query()->findOrFail($drawn->json('id'));
    }

    /**
     * @param  array<string, mixed>  $move
     * @return TestResponse<Response>
     */
    protected function move(Drill $drill, int $number, array $move): TestResponse
    {
        return $this->api('PUT', "/practise/drills/{$drill->id}/moves/{$number}", $move);
    }

    /**
     * @param  array<string, mixed>  $answer
     * @return TestResponse<Response>
     */
    protected function answer(Drill $drill, array $answer): TestResponse
    {
        return $this->api('PUT', "/practise/drills/{$drill->id}/answer", $answer);
    }

    /** @return array<string, mixed> what scores full; a side is cut on the way */
    protected function rightAnswer(Drill $drill): array
    {
        $secret = new ReflectionProperty(Plays::again($drill), 'drill');
        $drawn = $secret->getValue(Plays::again($drill));

        return match (true) {
            $drawn instanceof OrderDrill => [
                'order' => $drawn->right,
                'cautions' => (object) array_map(
                    fn (string $letter): string => $drawn->steps[$letter]->caution,
                    array_combine(array_keys($drawn->cautions), array_keys($drawn->cautions)),
                ),
            ],
            $drawn instanceof BonesDrill => [
                'taps' => array_map(fn (PinBone $bone): array => [$bone->along, $bone->across], $drawn->bones),
            ],
            $drawn instanceof WeighDrill => [
                'guesses' => array_map(fn (PieceToWeigh $piece): string => "{$piece->mass->grams()} g", $drawn->pieces),
            ],
            $drawn instanceof CutsDrill => $this->cut($drill, $drawn),
            $drawn instanceof FreshDrill => [
                'lots' => array_map(
                    fn (Lot $lot): array => [
                        'grades' => $lot->looks->grades,
                        'verdict' => $lot->judged->verdict->value,
                        'decides' => $lot->decides->value,
                        'sure_pct' => 80,
                    ],
                    $drawn->lots,
                ),
            ],
            $drawn instanceof SheetDrill => [
                'sheets' => array_map(
                    fn (Sheet $sheet): array => [
                        'piece' => $sheet->mistake?->piece,
                        'kind' => $sheet->mistake?->kind->value,
                    ],
                    $drawn->sheets,
                ),
            ],
            $drawn instanceof SortDrill => [
                'bins' => array_map(fn (Sorted $part): string => $part->to->first()->value, $drawn->parts),
            ],
            $drawn instanceof RawDrill => [
                'cases' => array_map(
                    fn (RawCase $case): array => [
                        'may' => $case->ruling->allows(),
                        'ruling' => $case->ruling->value,
                    ],
                    $drawn->cases,
                ),
            ],
            default => self::fail('A drill nobody can answer.'),
        };
    }

    /** @return array<string, mixed> */
    private function cut(Drill $drill, CutsDrill $drawn): array
    {
        foreach (CutsDrill::marks($drawn->best()) as $i => $cm) {
            $this->move($drill, $i + 1, ['cm' => $cm])->assertOk();
        }

        return ['done' => true];
    }
}
