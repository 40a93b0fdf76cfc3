<?php

declare(strict_types=1);

namespace TinLantern\Circulation;

use TinLantern\Core\Lending\LendingDecision;
use TinLantern\Core\Lending\Outcome;
use TinLantern\Platform\Actor;
use TinLantern\Platform\Problem\Refused;

/**
 * Says no where the rules say no, unless the person may override and says why.
 */
final class Refusal
{
    /** @throws Refused */
    public function unlessLifted(LendingDecision $decision, Actor $actor, ?string $because): void
    {
        if (Outcome::Refused !== $decision->outcome()) {
            return;
        }
        $canOverride = $decision->canBeLiftedWith($actor->permissions);
        if ($canOverride && null !== $because && '' !== trim($because)) {
            return;
        }
        throw new Refused(\sprintf('The house rules say no, for %d %s.', \count($decision->blocking()), 1 === \count($decision->blocking()) ? 'reason' : 'reasons'), ReasonView::listOf($decision), $canOverride);
    }
}
