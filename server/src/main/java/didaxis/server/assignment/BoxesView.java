package didaxis.server.assignment;

import didaxis.server.assignment.AssignmentView.AssignmentSummary;
import didaxis.server.assignment.AssignmentView.LearnerView;
import java.util.Comparator;
import java.util.List;

/**
 * An assignment box by box over all who have sent it, and where everybody is.
 *
 * @param slips by how many each was made
 * @param again the boxes at which most marks were lost, the most first
 */
record BoxesView(
        AssignmentSummary assignment,
        List<LearnerView> learners,
        List<BoxResults> boxes,
        List<SlipResults> slips,
        List<String> again) {
    private static final int MOST_AGAIN = 5;

    static BoxesView of(
            AssignmentSummary assignment, List<LearnerView> learners, List<BoxResults> boxes, List<SlipResults> slips) {
        List<String> again = boxes.stream()
                .filter(box -> box.lost() > 0)
                .sorted(Comparator.comparingInt(BoxResults::lost).reversed())
                .limit(MOST_AGAIN)
                .map(BoxResults::box)
                .toList();
        return new BoxesView(assignment, learners, boxes, slips, again);
    }
}
