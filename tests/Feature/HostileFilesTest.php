<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\Receive\AtTheDoor;

/** Files that would hold a worker for minutes: refused in a sentence, before they are read. */
final class HostileFilesTest extends AtTheDoor
{
    private const UBL = '<Invoice xmlns="urn:oasis:names:specification:ubl:schema:xsd:Invoice-2"%s>%s</Invoice>';

    /** @return array<string, array{callable(): string}> */
    public static function files(): array
    {
        $attributes = fn (int $n): string => implode(
            '',
            array_map(fn (int $i): string => " a{$i}=\">\"", range(1, $n)),
        );

        return [
            'a hundred thousand attributes' => [fn (): string => sprintf(self::UBL, $attributes(100_000), '')],
            'many attributes a little deeper' => [
                fn (): string => sprintf(self::UBL, '', '<x'.$attributes(20_000).'/>'),
            ],
            'elements without end' => [fn (): string => sprintf(self::UBL, '', str_repeat('<x/>', 400_000))],
            'deeper than any invoice' => [fn (): string => sprintf(self::UBL, '', str_repeat('<x>', 99_000))],
            'a quote that is never closed' => [fn (): string => "fish,kg\n\"Hake,".str_repeat("1.2\n", 4_000)],
            'newlines' => [fn (): string => "fish,kg\n".str_repeat("\n", 3_000_000)],
            'a row of three million commas' => [fn (): string => str_repeat(',', 3_000_000)."\nHake,1"],
            'rows without end' => [fn (): string => "fish,kg\n".str_repeat("Hake,1.2\n", 400_000)],
            'one long cell' => [fn (): string => "fish,kg\n".str_repeat('x', 3_000_000).',1'],
            'quotes' => [fn (): string => "fish,kg\n".str_repeat('"', 3_000_001)],
        ];
    }

    /** @param  callable(): string  $file */
    #[DataProvider('files')]
    public function test_is_refused_before_it_holds_a_worker(callable $file): void
    {
        $body = ['file' => base64_encode($file())];
        $before = memory_get_usage();
        $start = hrtime(true);
        $answer = $this->api('POST', '/receive/invoice', $body);
        // A machine ten times slower is still below the two seconds a worker may be held.
        self::assertLessThan(2.0, (hrtime(true) - $start) / 1e9);
        self::assertContains($answer->getStatusCode(), [413, 422]);
        self::assertLessThan(200_000_000, memory_get_peak_usage() - $before);
    }
}
