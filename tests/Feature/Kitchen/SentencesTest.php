<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Format\Words;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;
use Sectum\Measure\UnitSystem;
use Sectum\Message;
use Sectum\Portion\PortionStop;
use Sectum\Receive\LineGap;
use Sectum\Route\Batches\CoolingSays;
use Sectum\Route\Batches\EnoughSays;
use Sectum\Sentence;
use SplFileInfo;
use Tests\TestCase;

/** What the core says by codes has words here, in the units of whoever reads. */
final class SentencesTest extends TestCase
{
    public function test_codes_and_sentences_are_the_same_list(): void
    {
        $codes = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('core/src'))) as $file) {
            $enum = $file instanceof SplFileInfo ? self::enumIn($file->getPathname()) : null;
            foreach ($enum === null ? [] : $enum::cases() as $case) {
                $codes[] = (new Message($case))->key();
            }
        }
        $sentences = [];
        foreach (require lang_path('en/core.php') as $name => $cases) {
            foreach (array_keys($cases) as $case) {
                $sentences[] = "{$name}.{$case}";
            }
        }
        self::assertNotEmpty($codes);
        self::assertEqualsCanonicalizing($codes, $sentences);
    }

    /** @return class-string<Sentence>|null */
    private static function enumIn(string $path): ?string
    {
        $root = base_path('core/src/');
        $class = 'Sectum\\'.strtr(substr($path, strlen($root), -4), '/', '\\');

        return str_ends_with($path, '.php') && is_subclass_of($class, Sentence::class) && enum_exists($class)
            ? $class
            : null;
    }

    /** @return iterable<string, array{UnitSystem, Message, string}> */
    public static function said(): iterable
    {
        $thin = new Message(PortionStop::TooThin, [
            'kind' => 'Plate',
            'thin' => Length::ofMm(15),
            'least' => Length::ofMm(18),
        ]);
        yield 'lengths across' => [UnitSystem::Metric, $thin, 'Plate: the next would be 15 mm at its thin end, '.
            '18 mm is asked.'];
        yield 'in inches' => [UnitSystem::Us, $thin, 'Plate: the next would be 0.59 in at its thin end, 0.71 in '.
            'is asked.'];
        $warm = new Message(CoolingSays::WarmBy, [
            'limit' => Temperature::ofCelsius(21),
            'by' => new DateTimeImmutable('2026-03-02 16:20'),
        ]);
        yield 'a limit' => [UnitSystem::Metric, $warm, '21 °C by 16:20, or it is heated again or thrown away.'];
        yield 'the same limit' => [UnitSystem::Us, $warm, '70 °F by 16:20, or it is heated again or thrown away.'];
        $short = new Message(LineGap::Short, ['mass' => Mass::ofGrams(907)]);
        yield 'grams' => [UnitSystem::Metric, $short, 'short 907 g'];
        yield 'pounds' => [UnitSystem::Us, $short, 'short 2 lb 0.0 oz'];
        foreach ([1 => '1 day', 3 => '3 days'] as $count => $days) {
            yield $days => [
                UnitSystem::Metric,
                new Message(EnoughSays::InDays, ['count' => $count]),
                "Enough for a batch in about {$days}.",
            ];
        }
    }

    #[DataProvider('said')]
    public function test_a_sentence_is_said_in_the_units_of_its_reader(
        UnitSystem $units,
        Message $message,
        string $sentence,
    ): void {
        self::assertSame($sentence, (new Words($units, Mass::ofGrams(5)))->say($message));
    }
}
