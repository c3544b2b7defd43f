<?php

declare(strict_types=1);

namespace Tests;

use PhpParser\Node;
use PhpParser\Node\Expr\BinaryOp\Concat;
use PhpParser\Node\Expr\Ternary;
use PhpParser\Node\InterpolatedStringPart;
use PhpParser\Node\Scalar\InterpolatedString;
use PhpParser\Node\Scalar\String_;
use PhpParser\ParserFactory;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The sentences the server says where they arise, read out of its source: literals, and those put together of literals
 * and values, each value a place (":1", ":2"). What is written for another program (SQL, patterns, codes) is none.
 */
final class SaidInSource
{
    /** What begins like a sentence or a name: a capital, and more than one word. */
    private const SENTENCE = '/^[“"(]?(\p{Lu}|:\d+[ .,;:])[^\\\\]*\p{Ll}/u';

    /** Not for people. */
    private const CODE = '/[<>{}$|\\\\]|::|->|=>|^[A-Z]\w+\/|^\S+$| is not null$|count\(| desc$|^Thunnus '.
        '|charset=|:2 lb :3 |^[DjlMFYmdHis]([ :,-]+[DjlMFYmdHis])+$/u';

    /** Folders whose words are for whoever looks after the computer. */
    private const ELSEWHERE = '~Command\.php$|/Watch/(?!Clock)|/Contract/(Checks|Fields)|'.
        '/Backups/|/Compute/|/KitchenView\.php|/Once\.php~';

    /** What only who writes the code hears. */
    private const OURS = ['LogicException', 'RuntimeException', 'UnexpectedValueException', 'InvalidArgumentException'];

    /** Letters beside its places: fewer are a unit. */
    private const TELLING = 4;

    /** @return list<string> each once, in the order of the files */
    public static function all(): array
    {
        $found = [];
        foreach ([base_path('app'), base_path('core/src')] as $root) {
            $files = [];
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root)) as $file) {
                if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                    $files[] = $file->getPathname();
                }
            }
            sort($files);
            foreach ($files as $file) {
                if (preg_match(self::ELSEWHERE, $file) !== 1) {
                    foreach (self::of((string) file_get_contents($file)) as $one) {
                        $found[$one] = true;
                    }
                }
            }
        }

        return array_map(strval(...), array_keys($found));
    }

    /** @return list<string> */
    public static function of(string $source): array
    {
        $tree = (new ParserFactory())->createForHostVersion()->parse($source) ?? [];
        $texts = [];
        self::walk($tree, $texts);

        return array_values(array_filter(
            array_unique($texts),
            fn (string $text): bool => preg_match(self::SENTENCE, $text) === 1 &&
                preg_match(self::CODE, $text) !== 1 &&
                preg_match_all('/\p{L}/u', $text) >= self::TELLING,
        ));
    }

    /**
     * @param  array<mixed>  $nodes
     * @param  list<string>  $texts
     */
    private static function walk(array $nodes, array &$texts): void
    {
        foreach ($nodes as $node) {
            if (is_array($node)) {
                self::walk($node, $texts);
            }
            if (! $node instanceof Node || $node instanceof Node\AttributeGroup || self::isOurs($node)) {
                continue;
            }
            if ($node instanceof Concat || $node instanceof InterpolatedString || $node instanceof String_) {
                foreach (self::wholes($node) as $whole) {
                    $n = 0;
                    $texts[] = trim((string) preg_replace_callback('/\0/', function () use (&$n): string {
                        return ':'.++$n;
                    }, $whole));
                }
                // What stands in its places may say something too.
                foreach (self::places($node) as $place) {
                    self::walk([$place], $texts);
                }

                continue;
            }
            foreach ($node->getSubNodeNames() as $name) {
                self::walk([$node->{$name}], $texts);
            }
        }
    }

    /** @return list<string> a text for each way its choices of plain words can fall; "\0" is a place */
    private static function wholes(Node $node): array
    {
        if ($node instanceof String_) {
            return [$node->value];
        }
        if ($node instanceof InterpolatedString) {
            return [implode('', array_map(
                fn (Node $part): string => $part instanceof InterpolatedStringPart ? $part->value : "\0",
                $node->parts,
            ))];
        }
        if ($node instanceof Ternary && $node->if !== null) {
            $ways = [...self::wholes($node->if), ...self::wholes($node->else)];

            return array_filter($ways, fn (string $way): bool => trim($way, "\0") !== '' || $way === '') === []
                ? ["\0"]
                : $ways;
        }
        if ($node instanceof Concat) {
            $ways = [];
            foreach (self::wholes($node->left) as $left) {
                foreach (self::wholes($node->right) as $right) {
                    $ways[] = $left.$right;
                }
            }

            return count($ways) > 8 ? ["\0"] : $ways;
        }

        return ["\0"];
    }

    private static function isOurs(Node $node): bool
    {
        return $node instanceof Node\Expr\New_ &&
            $node->class instanceof Node\Name &&
            in_array($node->class->getLast(), self::OURS, true);
    }

    /** @return list<Node> */
    private static function places(Node $node): array
    {
        if ($node instanceof Concat) {
            return [...self::places($node->left), ...self::places($node->right)];
        }
        if ($node instanceof Ternary && $node->if !== null) {
            return [$node->cond, ...self::places($node->if), ...self::places($node->else)];
        }
        if ($node instanceof InterpolatedString) {
            return array_values(array_filter(
                $node->parts,
                fn (Node $part): bool => ! $part instanceof InterpolatedStringPart,
            ));
        }

        return $node instanceof String_ ? [] : [$node];
    }
}
