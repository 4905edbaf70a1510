package org.zeroply.workshop.training;

import org.zeroply.engine.network.Features;
import org.zeroply.engine.network.Network;
import org.zeroply.workshop.selfplay.JudgedPosition;

/** Works out the network for positions, and what to change; for one thread. */
final class Pass {

    private final NetworkParameters p;
    private final Goal goal;
    private final int[] mine = new int[32];
    private final int[] others = new int[32];
    private final float[] us;
    private final float[] them;
    private final float[] usBack;
    private final float[] themBack;
    private int men;
    private int stage;

    Pass(NetworkParameters parameters, Goal goal) {
        p = parameters;
        this.goal = goal;
        us = new float[p.hidden];
        them = new float[p.hidden];
        usBack = new float[p.hidden];
        themBack = new float[p.hidden];
    }

    /** The output for a position, in units of the logistic function, for who is to move. */
    double output(JudgedPosition position) {
        look(position);
        System.arraycopy(p.base, 0, us, 0, us.length);
        System.arraycopy(p.base, 0, them, 0, them.length);
        for (int i = 0; i < men; i++) {
            add(us, p.rows[mine[i]]);
            add(them, p.rows[others[i]]);
        }
        float sum = p.constants[stage];
        return sum + weighed(us, p.own[stage]) + weighed(them, p.theirs[stage]);
    }

    /** The square of how far the expected score is from the goal. */
    double loss(JudgedPosition position) {
        return goal.missed(output(position), position);
    }

    /** The loss; adds what changes it to the gradient. */
    double learn(JudgedPosition position, NetworkParameters gradient) {
        double expected = Goal.expected(output(position));
        double missed = expected - goal.of(position);
        float slope = (float) (2 * missed * expected * (1 - expected));
        gradient.constants[stage] += slope;
        back(us, p.own[stage], gradient.own[stage], usBack, slope);
        back(them, p.theirs[stage], gradient.theirs[stage], themBack, slope);
        add(gradient.base, usBack);
        add(gradient.base, themBack);
        for (int i = 0; i < men; i++) {
            add(gradient.rows[mine[i]], usBack);
            add(gradient.rows[others[i]], themBack);
        }
        return missed * missed;
    }

    private void look(JudgedPosition position) {
        men = 0;
        int king = 0;
        int otherKing = 0;
        for (long s = position.occupied(); s != 0; s &= s - 1) {
            int code = position.code(men++);
            king = code == 6 ? Long.numberOfTrailingZeros(s) : king;
            otherKing = code == 14 ? Long.numberOfTrailingZeros(s) : otherKing;
        }
        stage = Network.stage(men);
        int turn = Features.turn(0, king);
        int otherTurn = Features.turn(1, otherKing);
        int n = 0;
        for (long s = position.occupied(); s != 0; s &= s - 1) {
            int square = Long.numberOfTrailingZeros(s);
            int code = position.code(n);
            mine[n] = Features.of(0, turn, code, square);
            others[n++] = Features.of(1, otherTurn, code, square);
        }
    }

    private static void add(float[] to, float[] row) {
        for (int i = 0; i < to.length; i++) {
            to[i] += row[i];
        }
    }

    private static float weighed(float[] values, float[] weights) {
        float sum = 0;
        for (int i = 0; i < values.length; i++) {
            float x = values[i];
            x = x < 0 ? 0 : x > 1 ? 1 : x;
            sum += x * x * weights[i];
        }
        return sum;
    }

    private static void back(
            float[] values, float[] weights, float[] weightsBack, float[] valuesBack, float slope) {
        for (int i = 0; i < values.length; i++) {
            float x = values[i];
            float clipped = x < 0 ? 0 : x > 1 ? 1 : x;
            weightsBack[i] += slope * clipped * clipped;
            valuesBack[i] = clipped == x ? slope * weights[i] * 2 * clipped : 0;
        }
    }
}
