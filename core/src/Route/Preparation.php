<?php

declare(strict_types=1);

namespace Sectum\Route;

use Sectum\Sentence;

/** What is done to a part before it goes into its bin. */
enum Preparation: string implements Sentence
{
    case BloodLineOut = 'blood-line-out';
    case GillsAndEyesOut = 'gills-and-eyes-out';
    case SplitAndRinsed = 'split-and-rinsed';
    case CheckScales = 'check-scales';
    case ScrapeAndDry = 'scrape-and-dry';
    case RinseCold = 'rinse-cold';
    case GillStubsOff = 'gill-stubs-off';
    case GillStubsAndBloodOff = 'gill-stubs-and-blood-off';
    case GallBladderOff = 'gall-bladder-off';
    case KeepSacWhole = 'keep-sac-whole';
    case RoeThroughASieve = 'roe-through-a-sieve';
    case MembraneOff = 'membrane-off';
    case BonesOut = 'bones-out';
    case BonesOutOnIce = 'bones-out-on-ice';
    case OnePiece = 'one-piece';
}
